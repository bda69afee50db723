package rondel.formats.fonts;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.text.FontClass;
import rondel.text.FontFeature;

/** Families as a person looks for them, what they like, and what a font's features are called. */
class FontFamilyTest {

    @TempDir
    private Path folder;

    private FontFamily family(String name) {
        return new FontsAtHand(folder)
                .families().stream()
                        .filter(f -> f.name().equals(name))
                        .findFirst()
                        .orElseThrow();
    }

    @Test
    void eachFamilyIsThereOnceWithItsStyles() {
        List<FontFamily> all = new FontsAtHand(folder).families();
        assertThat(all)
                .extracting(FontFamily::name)
                .doesNotHaveDuplicates()
                .isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER);
        assertThat(family("EB Garamond").styles())
                .containsExactly(new FontChoice("EB Garamond", 400, false), new FontChoice("EB Garamond", 400, true));
        assertThat(family("Nunito")
                        .nearest(new FontChoice("Caveat", 700, false))
                        .weight())
                .isEqualTo(700);
        assertThat(family("Great Vibes")
                        .nearest(new FontChoice("Caveat", 700, true))
                        .weight())
                .isEqualTo(400);
    }

    @Test
    void familiesAreOfTheKindThatTheirLettersAre() {
        assertThat(family("EB Garamond").kind()).isEqualTo(FontClass.SERIF);
        assertThat(family("Nunito").kind()).isEqualTo(FontClass.SANS);
        assertThat(family("Great Vibes").kind()).isEqualTo(FontClass.SCRIPT);
        assertThat(family("Caveat").kind()).isEqualTo(FontClass.HAND);
        assertThat(family("Zilla Slab").kind()).isEqualTo(FontClass.SERIF);
    }

    @Test
    void whatIsLikedAndUsedIsKept() throws Exception {
        FontsAtHand fonts = new FontsAtHand(folder.resolve("new"));
        assertThat(fonts.marks()).isEqualTo(FontMarks.NONE);
        FontMarks marks = FontMarks.NONE
                .withFavourite("Caveat", true)
                .used("Nunito")
                .used("Caveat")
                .used("Nunito");
        fonts.mark(marks);
        FontMarks again = new FontsAtHand(folder.resolve("new")).marks();
        assertThat(again).isEqualTo(marks);
        assertThat(again.recent()).containsExactly("Nunito", "Caveat");
        Files.writeString(folder.resolve("new").resolve("marks.json"), "{broken");
        assertThat(fonts.marks()).isEqualTo(FontMarks.NONE);
    }

    @Test
    void aFeatureIsSwitchedByItsNameAndOffAgain() {
        FontsAtHand fonts = new FontsAtHand(folder);
        FontChoice garamond = new FontChoice("EB Garamond", 400, false);
        List<FontFeature> features = FontFeature.of(fonts.get()
                .nearest(List.of("EB Garamond"), garamond)
                .orElseThrow()
                .face());
        assertThat(features)
                .extracting(FontFeature::tag)
                .contains("liga", "kern", "smcp", "onum")
                .doesNotContain("ccmp", "mark");
        FontFeature liga = features.stream()
                .filter(f -> f.tag().equals("liga"))
                .findFirst()
                .orElseThrow();
        FontFeature smcp = features.stream()
                .filter(f -> f.tag().equals("smcp"))
                .findFirst()
                .orElseThrow();
        Lettering l = Lettering.plain("office", garamond, 10).withFeatures(List.of("ss01"));
        assertThat(liga.isOn(l)).isTrue();
        assertThat(smcp.isOn(l)).isFalse();
        Lettering other = smcp.switched(liga.switched(l, false), true);
        assertThat(other.features()).containsExactly("ss01", "-liga", "smcp");
        assertThat(smcp.switched(liga.switched(other, true), false)).isEqualTo(l);
    }
}

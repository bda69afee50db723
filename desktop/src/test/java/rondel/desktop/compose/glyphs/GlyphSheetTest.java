package rondel.desktop.compose.glyphs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import rondel.formats.fonts.ShippedFonts;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.text.FontFace;
import rondel.text.Glyph;
import rondel.text.GlyphCatalogue;
import rondel.text.GlyphKind;

class GlyphSheetTest {

    private static final FontChoice GARAMOND = new FontChoice("EB Garamond", 400, false);

    private final GlyphSheet sheet = GlyphSheet.of(new GlyphCatalogue(face()), "Quiet tide");

    private static FontFace face() {
        return new ShippedFonts()
                .get()
                .nearest(List.of("EB Garamond"), GARAMOND)
                .orElseThrow()
                .face();
    }

    private List<Glyph> found(Optional<GlyphKind> kind, OptionalInt alternatesOf, String wanted) {
        return sheet.found(new GlyphSheet.Filter(kind, alternatesOf, wanted));
    }

    @Test
    void filtersNarrowWhatIsShown() {
        List<Glyph> all = found(Optional.empty(), OptionalInt.empty(), "");
        assertThat(all).hasSize(sheet.outlines().size());
        assertThat(found(Optional.of(GlyphKind.LIGATURE), OptionalInt.empty(), ""))
                .isNotEmpty()
                .allMatch(g -> g.kinds().contains(GlyphKind.LIGATURE));
        assertThat(found(Optional.empty(), OptionalInt.empty(), "U+0051")).hasSize(1);
        List<Glyph> alternates = found(Optional.empty(), OptionalInt.of(0), "");
        assertThat(alternates).isNotEmpty().hasSizeLessThan(all.size() / 10);
    }

    @Test
    void aPickDrawsALetterOtherwiseAndKeepsHowItStands() {
        Glyph glyph = sheet.catalogue().glyphs().get(77);
        Lettering.Letter turned = new Lettering.Letter(3, 0.1, 0.2, 15, 1.5, Optional.empty());
        Lettering before = Lettering.plain("Quiet tide", GARAMOND, 10).withLetters(List.of(turned));
        Lettering after = new GlyphPick(glyph, OptionalInt.of(3)).applied(before);
        assertThat(after.content()).isEqualTo("Quiet tide");
        assertThat(after.letters()).containsExactly(new Lettering.Letter(3, 0.1, 0.2, 15, 1.5, Optional.of(77)));
        Lettering two = new GlyphPick(glyph, OptionalInt.of(5)).applied(after);
        assertThat(two.letters()).hasSize(2);
    }

    @Test
    void anOrnamentWithoutACharacterStandsBehindTheLastLetter() {
        Glyph bare = sheet.catalogue().glyphs().stream()
                .filter(g -> g.codePoint().isEmpty() && g.number() > 0)
                .findFirst()
                .orElseThrow();
        Lettering before = Lettering.plain("Tide", GARAMOND, 10);
        Lettering after = new GlyphPick(bare, OptionalInt.empty()).applied(before);
        assertThat(after.content()).hasSize(5);
        assertThat(after.letters()).singleElement().satisfies(l -> {
            assertThat(l.at()).isEqualTo(4);
            assertThat(l.glyph()).contains(bare.number());
        });
        Glyph q = sheet.catalogue().glyphs().get(sheet.catalogue().of('Q').orElseThrow());
        assertThat(new GlyphPick(q, OptionalInt.empty()).applied(before).content())
                .isEqualTo("TideQ");
    }
}

package rondel.formats.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.text.FontFace;
import rondel.text.Glyph;
import rondel.text.GlyphCatalogue;
import rondel.text.PlacedLetter;
import rondel.text.Shaper;
import rondel.text.Typesetter;

/** A letter that is swapped for another glyph is set as the feature that leads to that glyph would set it. */
class ChosenGlyphsTest {

    private static final FontChoice VIBES = new FontChoice("Great Vibes", 400, false);

    private final Typesetter typesetter = new Typesetter(Fixtures.FONTS);

    private static FontFace face(FontChoice choice) {
        return Fixtures.FONTS
                .get()
                .nearest(List.of(choice.family()), choice)
                .orElseThrow()
                .face();
    }

    private static Lettering swapped(Lettering text, int at, int glyph) {
        return text.withLetter(new Lettering.Letter(at, 0, 0, 0, 1, Optional.of(glyph)));
    }

    private double width(Lettering text) {
        return typesetter.outline(text).bounds().orElseThrow().width();
    }

    @Test
    void anAlternateKeepsTheAdvanceOfItsFeatureAndLeavesNoHole() {
        Lettering marina = Lettering.plain("Marina", VIBES, 20);
        double bySalt = width(marina.withFeatures(List.of("salt[0:1]=1")));

        int alternate = Shaper.shape(face(VIBES), "Marina", 0, List.of("salt[0:1]=1"))
                .glyphs()
                .getFirst()
                .glyph();
        assertThat(alternate)
                .isNotEqualTo(Shaper.shape(face(VIBES), "Marina", 0)
                        .glyphs()
                        .getFirst()
                        .glyph());
        assertThat(width(swapped(marina, 0, alternate))).isCloseTo(bySalt, within(0.001));
    }

    @Test
    void aGlyphThatNoFeatureLeadsToTakesItsOwnAdvanceAndTheOthersStay() {
        FontChoice nunito = new FontChoice("Nunito", 400, false);
        Lettering text = Lettering.plain("AVe", nunito, 10);
        int wide = new GlyphCatalogue(face(nunito)).of('W').orElseThrow();
        List<PlacedLetter> letters = typesetter.letters(swapped(text, 0, wide));

        assertThat(letters).hasSize(3);
        assertThat(letters.getFirst().glyph()).isEqualTo(wide);
        double plain = width(Lettering.plain("WVe", nunito, 10));
        assertThat(width(swapped(text, 0, wide))).isCloseTo(plain, within(0.001));
    }

    @Test
    void anyAlternateAnywhereIsAsWideAsHarfBuzzSetsIt() {
        Random random = new Random(500);
        List<String> words = List.of("Marina", "Low tide", "Saltmarsh", "Welle", "offshore", "Quay", "Ebb & flow");
        GlyphCatalogue catalogue = new GlyphCatalogue(face(VIBES));
        int swaps = 0;
        int byFeature = 0;
        for (int i = 0; i < 3000 && swaps < 500; i++) {
            String word = words.get(random.nextInt(words.size()));
            int at = random.nextInt(word.length());
            Lettering text = Lettering.plain(word, VIBES, 12);
            List<Glyph> alternates = catalogue.of(word.charAt(at)).stream()
                    .boxed()
                    .flatMap(g -> catalogue.alternates(g).stream())
                    .toList();
            if (alternates.isEmpty()) {
                continue;
            }
            int glyph = alternates.get(random.nextInt(alternates.size())).number();
            swaps++;
            List<PlacedLetter> letters = typesetter.letters(swapped(text, at, glyph));
            assertThat(letters).extracting(PlacedLetter::glyph).contains(glyph);
            for (String feature : features()) {
                Shaper.Run run = Shaper.shape(
                        face(VIBES), word, 0, List.of(feature.replace("=", "[" + at + ":" + (at + 1) + "]=")));
                boolean same = run.glyphs().stream().anyMatch(g -> g.cluster() == at && g.glyph() == glyph);
                if (same) {
                    byFeature++;
                    PlacedLetter last = letters.getLast();
                    Shaper.PlacedGlyph theirs = run.glyphs().getLast();
                    double middle = (theirs.x() + theirs.advance() / 2) * 12;
                    assertThat(last.base().e())
                            .as("%s, %d at %d", word, glyph, at)
                            .isCloseTo(middle, within(0.001));
                    break;
                }
            }
        }
        assertThat(swaps).isGreaterThan(100);
        assertThat(byFeature).isGreaterThan(swaps * 9 / 10);
    }

    private static List<String> features() {
        List<String> all =
                new ArrayList<>(List.of("salt=1", "salt=2", "salt=3", "swsh=1", "swsh=2", "swsh=3", "cswh=1"));
        for (int i = 1; i <= 20; i++) {
            all.add("ss%02d=1".formatted(i));
        }
        all.addAll(List.of("aalt=1", "aalt=2", "aalt=3", "ornm=1", "titl=1", "hist=1", "init=1", "fina=1"));
        return all;
    }
}

package rondel.formats.lettering;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.job.FontChoice;
import rondel.text.Glyph;
import rondel.text.GlyphCatalogue;
import rondel.text.GlyphKind;

class GlyphCatalogueTest {

    private static GlyphCatalogue of(String family) {
        return new GlyphCatalogue(Fixtures.FONTS
                .get()
                .nearest(List.of(family), new FontChoice(family, 400, false))
                .orElseThrow()
                .face());
    }

    @Test
    void everyGlyphOfTheFontIsThereWithItsCharacter() {
        GlyphCatalogue garamond = of("EB Garamond");
        assertThat(garamond.glyphs()).hasSizeGreaterThan(1000);
        int a = garamond.of('A').orElseThrow();
        Glyph glyph = garamond.glyphs().get(a);
        assertThat(glyph.codePoint()).hasValue('A');
        assertThat(glyph.matches("A")).isTrue();
        assertThat(glyph.matches("U+0041")).isTrue();
        assertThat(glyph.matches("u+42")).isFalse();
        assertThat(garamond.glyphs().stream().filter(g -> g.matches(""))).hasSameSizeAs(garamond.glyphs());
    }

    @Test
    void ligaturesSwashesAndAlternatesAreToldApart() {
        GlyphCatalogue garamond = of("EB Garamond");
        assertThat(garamond.glyphs().stream().filter(g -> g.kinds().contains(GlyphKind.LIGATURE)))
                .isNotEmpty();
        assertThat(garamond.glyphs().stream().filter(g -> g.kinds().contains(GlyphKind.ALTERNATE)))
                .isNotEmpty();
        assertThat(garamond.glyphs().get(garamond.of('A').orElseThrow()).kinds())
                .doesNotContain(GlyphKind.LIGATURE);
    }

    @Test
    void aLettersAlternatesAreFound() {
        GlyphCatalogue garamond = of("EB Garamond");
        List<Glyph> alternates = garamond.alternates(garamond.of('Q').orElseThrow());
        assertThat(alternates).isNotEmpty().doesNotHaveDuplicates();
    }

    @Test
    void outlinesAreInEms() {
        GlyphCatalogue nunito = of("Nunito");
        Glyph h = nunito.glyphs().get(nunito.of('H').orElseThrow());
        assertThat(nunito.outlines(List.of(h)).getFirst().bounds().orElseThrow().height())
                .isBetween(0.6, 0.8);
    }
}

package rondel.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.job.FontChoice;
import rondel.job.TextAlign;
import rondel.text.FontFace;
import rondel.text.Shaper;
import rondel.text.TextOutline;

class TextShapingTest {

    private static FontFace face(String family, int weight) {
        return Fixtures.FONTS
                .get()
                .nearest(List.of(family), new FontChoice(family, weight, false))
                .orElseThrow()
                .face();
    }

    @Test
    void atLeastSixFamiliesShipAndAreFoundByNameAndWeight() {
        assertThat(Fixtures.FONTS.get().faces().stream().map(FontFace::family).distinct())
                .contains("Great Vibes", "Playball", "Nunito", "EB Garamond", "Zilla Slab", "Caveat");
        assertThat(face("Nunito", 700).weight()).isEqualTo(700);
        assertThat(face("nunito", 300).weight()).isEqualTo(400);
    }

    @Test
    void ligaturesFormUnlessTheTextIsTracked() {
        FontFace garamond = face("EB Garamond", 400);
        assertThat(Shaper.shape(garamond, "fi", 0).glyphs()).hasSize(1);
        assertThat(Shaper.shape(garamond, "fi", 0.1).glyphs()).hasSize(2);
    }

    @Test
    void kerningBringsLettersTogetherAndTrackingApart() {
        FontFace nunito = face("Nunito", 400);
        double together = Shaper.shape(nunito, "AV", 0).advance();
        double apart = Shaper.shape(nunito, "A", 0).advance()
                + Shaper.shape(nunito, "V", 0).advance();
        assertThat(together).isLessThan(apart);
        assertThat(TextOutline.line(nunito, "tide", 10, 1, TextAlign.START).advance())
                .isCloseTo(
                        TextOutline.line(nunito, "tide", 10, 0, TextAlign.START).advance() + 4, within(1e-6));
    }

    @Test
    void aLineStandsOnItsStartMiddleOrEnd() {
        FontFace nunito = face("Nunito", 400);
        TextOutline.Line middle = TextOutline.line(nunito, "HHH", 10, 0, TextAlign.MIDDLE);
        assertThat(middle.outline().bounds().orElseThrow().centre().x()).isCloseTo(0, within(0.05));
        TextOutline.Line end = TextOutline.line(nunito, "HHH", 10, 0, TextAlign.END);
        assertThat(end.outline().bounds().orElseThrow().right()).isBetween(-1.5, 0.0);
    }
}

package rondel.compose.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rondel.geometry.Point;

class PageFormatTest {

    @Test
    void aFormatIsFoundByItsNameAndLiesWhereOneSaysSo() {
        assertThat(PageFormat.named(" A4 ")).contains(new Point(210, 297));
        assertThat(PageFormat.named("half-letter-landscape")).contains(new Point(215.9, 139.7));
        assertThat(PageFormat.named("a4-sideways")).isEmpty();
        assertThat(PageFormat.named("")).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(PageFormat.class)
    void everyFormatStandsUprightAndIsFoundByItsWord(PageFormat format) {
        assertThat(format.width()).isLessThanOrEqualTo(format.height());
        assertThat(PageFormat.named(format.word())).contains(new Point(format.width(), format.height()));
        assertThat(PageFormat.named(format.word() + "-landscape")).contains(new Point(format.height(), format.width()));
    }

    /** ISO 216: each is half of the one before, and all have sides as 1 to the root of 2; to whole millimetres. */
    @Test
    void sheetsOfTheASeriesAreHalvesOfEachOther() {
        PageFormat[] series = {PageFormat.A2, PageFormat.A3, PageFormat.A4, PageFormat.A5, PageFormat.A6, PageFormat.A7
        };
        for (int i = 1; i < series.length; i++) {
            assertThat(series[i].height()).isEqualTo(series[i - 1].width());
            assertThat(series[i].width()).isCloseTo(series[i - 1].height() / 2, within(0.5));
            assertThat(series[i].height() / series[i].width()).isCloseTo(Math.sqrt(2), within(0.01));
        }
    }

    @Test
    void inchFormatsAreExact() {
        assertThat(PageFormat.LETTER.width()).isCloseTo(8.5 * 25.4, within(1e-9));
        assertThat(PageFormat.TABLOID.height()).isCloseTo(17 * 25.4, within(1e-9));
        assertThat(PageFormat.SCRAPBOOK.width()).isCloseTo(12 * 25.4, within(1e-9));
    }
}

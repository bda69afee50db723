package rondel.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.words.Refusal;

class LengthParserTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3 5/8 in | 92.075",
                "3 5/8\" | 92.075",
                "2.75 | 69.85",
                "70mm | 70",
                "7,5 mm | 7.5",
                "8.5in/3 - 2mm | 69.96666666666667",
                "1/2 in | 12.7",
                "1/2 | 12.7",
                "½ in | 12.7",
                "2½ in | 63.5",
                "(1+1/2) in | 38.1",
                "2 * 3cm | 60",
                "3cm * 2 | 60",
                "-1/8in | -3.175",
                "72 pt | 25.4",
                "1 in + 1/4 in | 31.75",
                "1 + 1mm | 26.4",
                "12in / 4 | 76.2",
                ".5in | 12.7",
                "1e1 mm | 10",
                "1,234.5 mm | 1234.5",
                "1.234,5 mm | 1234.5",
                "1,234,567.25mm | 1234567.25",
                "1,234 mm | 1.234",
                "5. mm | 5"
            })
    void typedLengthsAreReadAsAPersonMeansThem(String typed, double mm) {
        assertThat(LengthParser.mm(typed, LengthUnit.IN)).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "two",
                "3 px",
                "2 in * 2 in",
                "1/0 in",
                "4 in /",
                "(1 in",
                "3 in 4",
                "1/0",
                "NaN",
                "5 mm mm",
                "2.5.1",
                "1,2,3 mm",
                "1,23.5 mm",
                "1.2,3.4 in"
            })
    void whatIsNoLengthIsRefusedWithTheTextAndAnExample(String typed) {
        assertThatThrownBy(() -> LengthParser.mm(typed, LengthUnit.IN))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("“" + typed)
                .hasMessageContaining("3 5/8 in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"37.5 | 37.5", "22 1/2 | 22.5", "90/4 | 22.5", "-15 + 5 | -10", "7,5 | 7.5", "(1+2)*30 | 90"})
    void anglesAndNumbersTakeFractionsAndSumsToo(String typed, double value) {
        assertThat(LengthParser.number(typed)).isCloseTo(value, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "two", "3 mm", "1/0", "2.5.1"})
    void whatIsNoNumberIsRefused(String typed) {
        assertThatThrownBy(() -> LengthParser.number(typed)).isInstanceOf(Refusal.class);
    }

    @Test
    void readOutsAreExactToAThousandthOfAnInchAndAHundredthOfAMillimetre() {
        assertThat(LengthFormat.withUnit(69.85, LengthUnit.IN)).isEqualTo("2.750 in");
        assertThat(LengthFormat.withUnit(69.854, LengthUnit.MM)).isEqualTo("69.85 mm");
        assertThat(LengthFormat.withUnit(-0.0001, LengthUnit.MM)).isEqualTo("0.00 mm");
    }
}

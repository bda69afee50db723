package rondel.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class LengthFormatTest {

    @Test
    void aReadOutIsExactToAThousandthOfAnInchOrAHundredthOfAMillimetre() {
        assertThat(LengthFormat.withUnit(69.85, LengthUnit.IN)).isEqualTo("2.750 in");
        assertThat(LengthFormat.withUnit(69.85, LengthUnit.MM)).isEqualTo("69.85 mm");
        assertThat(LengthFormat.withUnit(69.85, LengthUnit.CM)).isEqualTo("6.985 cm");
        assertThat(LengthFormat.withUnit(25.4, LengthUnit.PT)).isEqualTo("72.00 pt");
        assertThat(LengthFormat.number(-0.0000001, LengthUnit.MM)).isEqualTo("0.00");
    }

    @Test
    void whatIsShownIsReadBackWithinHalfItsLastDigit() {
        Random random = new Random(9);
        for (LengthUnit unit : LengthUnit.values()) {
            double half = unit.toMm(0.5 * Math.pow(10, -unit.decimals())) + 1e-9;
            for (int i = 0; i < 100; i++) {
                double mm = random.nextDouble(-300, 300);
                String shown = LengthFormat.withUnit(mm, unit);
                if (mm >= 0) {
                    assertThat(LengthParser.mm(shown, unit)).isCloseTo(mm, within(half));
                }
            }
        }
    }

    @Test
    void unitsAreKnownByTheirSigns() {
        assertThat(LengthUnit.ofSymbol("\"")).contains(LengthUnit.IN);
        assertThat(LengthUnit.ofSymbol("MM")).contains(LengthUnit.MM);
        assertThat(LengthUnit.ofSymbol("px")).isEmpty();
        for (LengthUnit unit : LengthUnit.values()) {
            assertThat(unit.fromMm(unit.toMm(3.5))).isCloseTo(3.5, within(1e-12));
            assertThat(unit.fineNudge()).isLessThan(unit.coarseNudge());
        }
    }
}

package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class CoolingTest {

    @Test
    void everyRoundIsCoolerAndNoneWiderThanTheOneBefore() {
        assertThat(IntStream.range(1, 1_000)).allSatisfy(i -> {
            assertThat(new Cooling(i).heat()).isPositive().isLessThan(new Cooling(i - 1).heat());
            assertThat(new Cooling(i).wide()).isLessThanOrEqualTo(new Cooling(i - 1).wide());
        });
    }

    @Test
    void placesNeverBecomeTooNarrowForAChange() {
        assertThat(new Cooling(0).wide()).isEqualTo(1);
        assertThat(new Cooling(100_000).wide()).isEqualTo(0.25);
    }
}

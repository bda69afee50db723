package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class AnnealingScheduleTest {

    @Test
    void everyRoundIsCoolerAndNoneWiderThanTheOneBefore() {
        assertThat(IntStream.range(1, 1_000)).allSatisfy(i -> {
            assertThat(new AnnealingSchedule(i).heat()).isPositive().isLessThan(new AnnealingSchedule(i - 1).heat());
            assertThat(new AnnealingSchedule(i).wide()).isLessThanOrEqualTo(new AnnealingSchedule(i - 1).wide());
        });
    }

    @Test
    void placesNeverBecomeTooNarrowForAChange() {
        assertThat(new AnnealingSchedule(0).wide()).isEqualTo(1);
        assertThat(new AnnealingSchedule(100_000).wide()).isEqualTo(0.25);
    }
}

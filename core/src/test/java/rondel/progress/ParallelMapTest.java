package rondel.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ParallelMapTest {

    private static final List<Integer> MANY = IntStream.range(0, 5_000).boxed().toList();

    @Test
    void whatIsMadeStandsInTheOrderOfTheList() {
        assertThat(ParallelMap.of(MANY, i -> i * i))
                .isEqualTo(MANY.stream().map(i -> i * i).toList());
    }

    @Test
    void workThatIsCalledOffEndsOnAllThreads() {
        Thread asking = Thread.currentThread();
        AtomicInteger made = new AtomicInteger();
        assertThatThrownBy(() -> ParallelMap.of(MANY, i -> {
                    asking.interrupt();
                    return made.incrementAndGet();
                }))
                .isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
        assertThat(made.get()).isLessThan(100);
    }

    @Test
    void whatOneOfThemRefusesIsRefused() {
        assertThatThrownBy(() -> ParallelMap.of(MANY, i -> {
                    throw new IllegalArgumentException("no");
                }))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no");
    }
}

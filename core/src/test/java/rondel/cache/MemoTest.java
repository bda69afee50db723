package rondel.cache;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class MemoTest {

    @Test
    void whatIsKnownIsNotWorkedOutAgain() {
        Memo<Integer, Integer> squares = new Memo<>(new HashMap<>());
        AtomicInteger worked = new AtomicInteger();
        for (int i = 0; i < 10; i++) {
            assertThat(squares.get(i % 2 + 3, n -> n * n + 0 * worked.incrementAndGet()))
                    .isEqualTo(i % 2 == 0 ? 9 : 16);
        }
        assertThat(worked.get()).isEqualTo(2);
    }

    @Test
    void ofABoundedOneTheLeastRecentlyUsedGoes() {
        Memo<String, Integer> two = new Memo<>(new LastUsed<>(2));
        AtomicInteger worked = new AtomicInteger();
        for (String key : "tide sand tide kelp tide sand".split(" ")) {
            two.get(key, k -> worked.incrementAndGet());
        }
        assertThat(worked.get()).isEqualTo(4);
    }

    @Test
    void askingWhileOneIsWorkedOutIsNoDeadlock() {
        Memo<Integer, Integer> sums = new Memo<>(new HashMap<>());
        assertThat(sums.get(3, n -> n + sums.get(2, m -> m + sums.get(1, k -> k))))
                .isEqualTo(6);
    }
}

package rondel.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Move;
import rondel.job.ElementId;
import rondel.job.Job;

/** A history whose memory is bounded goes back and forth as one that is not. */
class HistoryBoundTest {

    private final List<Job> stored = new ArrayList<>();

    private JobStore.Stored put(Job job) {
        stored.add(job);
        // As from a file: equal, and another.
        return () -> job.withTitle(job.title());
    }

    private static History moved(History history, int steps) {
        History now = history;
        for (int i = 0; i < steps; i++) {
            now = now.then(new Move(List.of(new ElementId("leaf")), 0.25 + i % 7, 0.5));
        }
        return now;
    }

    private static long kept(History history) {
        long count = 0;
        for (var s = history.now().before(); s.isPresent(); s = s.get().before()) {
            count += s.get().isKept() ? 1 : 0;
        }
        return count;
    }

    @Test
    void onlyWhatIsNearStaysInMemoryAndOneOfFortyIsStored() {
        Job sample = SampleJob.make();
        History history = moved(WhatFollows.editing().begin(sample), 400);
        new HistoryBound(0, this::put).hold(history);
        assertThat(kept(history)).isEqualTo(HistoryBound.NEAR);
        assertThat(stored).hasSize(10);
        assertThat(stored).contains(sample);
    }

    @Test
    void aLimitIsFilledBeforeAnythingIsLetGo() {
        History history = moved(WhatFollows.editing().begin(SampleJob.make()), 100);
        long all = new HistoryBound(Long.MAX_VALUE, this::put).hold(history);
        assertThat(stored).isEmpty();
        assertThat(kept(history)).isEqualTo(100);
        // A history may take half of what it is given before the present, and half after it.
        assertThat(new HistoryBound(all, this::put).hold(history)).isLessThanOrEqualTo(all / 2 + all / 50);
        assertThat(kept(history)).isBetween(45L, 56L);
    }

    @Test
    void whateverIsUndoneAndRedoneIsTheJobThatItWas() {
        Random random = new Random(7);
        List<Job> were = new ArrayList<>();
        History history = WhatFollows.editing().begin(SampleJob.make());
        were.add(history.job().withTitle(history.job().title()));
        for (int i = 0; i < 150; i++) {
            history = moved(history, 1);
            were.add(history.job().withTitle(history.job().title()));
        }
        HistoryBound bound = new HistoryBound(0, this::put);
        int at = 150;
        for (int i = 0; i < 600; i++) {
            boolean back = random.nextInt(600) > i || history.future().isEmpty();
            var next = back ? history.undo() : history.redo();
            if (next.isPresent()) {
                history = next.get();
                at += back ? -1 : 1;
                assertThat(history.job()).isEqualTo(were.get(at));
            }
            if (random.nextInt(5) == 0) {
                bound.hold(history);
            }
        }
        assertThat(at).isGreaterThan(0);
    }

    @Test
    void whoeverHoldsAJobYetGetsTheVeryOneBack() {
        History history = moved(WhatFollows.editing().begin(SampleJob.make()), 90);
        History early = history;
        for (int i = 0; i < 70; i++) {
            early = early.undo().orElseThrow();
        }
        Job saved = early.job();
        new HistoryBound(0, this::put).hold(history);
        assertThat(early.now().isKept()).isFalse();
        assertThat(early.job()).isSameAs(saved);
    }

    @Test
    void aStepThatComesOutOtherwiseWhenItIsMadeAgainIsStored() {
        History history = moved(WhatFollows.editing().begin(SampleJob.make()), 5);
        // Computed elsewhere, and not what the operation makes.
        Job odd = history.job().withTitle("odd");
        history = history.then(new Move(List.of(new ElementId("leaf")), 1, 0), odd);
        History at = history;
        history = moved(history, 80);
        new HistoryBound(0, this::put).hold(history);
        assertThat(at.now().isKept()).isFalse();
        assertThat(at.job()).isEqualTo(odd);
    }
}

package rondel.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Flip;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Rename;
import rondel.compose.arrange.Rotate;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.history.Editing;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Edits are worked out aside: what they make shows at once, what follows comes behind, and the order stays. */
class EditsInTheBackgroundTest {

    private static final List<ElementId> LEAF = ids("leaf");

    /** Work that waits until the test lets it run. */
    private final Deque<Runnable> direct = new ArrayDeque<>();

    private final Deque<Runnable> following = new ArrayDeque<>();
    private final Deque<Runnable> window = new ArrayDeque<>();
    private final List<Operation> recorded = new ArrayList<>();
    private final List<Throwable> failures = new ArrayList<>();
    private boolean failing;

    /** A slow thing that follows: the title says how far the leaf is. */
    private final Editing editing = new Editing(List.of((before, after) -> {
        if (failing) {
            throw new IllegalStateException("the tide is out");
        }
        return after.find(LEAF.getFirst()).isPresent() ? after.withTitle("leaf at " + x(after)) : after;
    }));

    private final Bench bench = new Bench(SampleJob.make(), new EditThreads(direct::add, following::add, window::add));

    EditsInTheBackgroundTest() {
        bench.open(editing.begin(SampleJob.make()), Optional.empty(), Optional.empty());
        bench.onFailure(failures::add);
        bench.recordTo(new Recorded());
    }

    private final class Recorded implements Recorder {
        @Override
        public void opened(History history, Optional<Path> file) {}

        @Override
        public void done(Operation operation) {
            recorded.add(operation);
        }

        @Override
        public void undone(Job after) {}

        @Override
        public void redone(Job after) {}

        @Override
        public void saved(Job job, Path file) {}

        @Override
        public void awaitKept() {}
    }

    private static List<ElementId> ids(String... ids) {
        return Stream.of(ids).map(ElementId::new).toList();
    }

    private static double x(Job job) {
        return Extent.onSheet(job.located(LEAF.getFirst())).orElseThrow().x();
    }

    private static void run(Deque<Runnable> work) {
        while (!work.isEmpty()) {
            work.poll().run();
        }
    }

    private void showDirectResults() {
        run(direct);
        run(window);
    }

    private void settle() {
        while (!direct.isEmpty() || !following.isEmpty() || !window.isEmpty()) {
            showDirectResults();
            run(following);
        }
    }

    @Test
    void whatAnEditMakesIsShownBeforeWhatFollowsAndUndoneWithIt() {
        Job before = bench.job();
        bench.perform(new Move(LEAF, 5, 0));
        showDirectResults();
        assertThat(x(bench.job())).isEqualTo(15);
        assertThat(bench.job().title()).isEqualTo("Sample");
        assertThat(recorded).isEmpty();
        assertThat(bench.isSettled()).isFalse();
        assertThat(bench.unsaved()).isTrue();
        settle();
        assertThat(bench.job().title()).isEqualTo("leaf at 15.0");
        assertThat(bench.isSettled()).isTrue();
        bench.undo();
        assertThat(bench.job()).isSameAs(before);
    }

    @Test
    void aKeyThatIsHeldMakesOneEdit() {
        for (int i = 0; i < 4; i++) {
            bench.perform(new Move(LEAF, 0.5, 0));
            showDirectResults();
            assertThat(x(bench.job())).isCloseTo(10 + 0.5 * (i + 1), within(1e-12));
        }
        settle();
        assertThat(recorded).containsExactly(new Move(LEAF, 2, 0));
        assertThat(bench.job().title()).isEqualTo("leaf at 12.0");
        bench.undo();
        assertThat(x(bench.job())).isEqualTo(10);
    }

    @Test
    void anotherKindOfEditWaitsItsTurn() {
        bench.perform(new Move(LEAF, 5, 0));
        showDirectResults();
        bench.perform(new Rename(LEAF, "Blade"));
        bench.undo();
        bench.perform(new Move(LEAF, 0, 1));
        settle();
        assertThat(recorded).containsExactly(new Move(LEAF, 5, 0), new Rename(LEAF, "Blade"), new Move(LEAF, 0, 1));
        assertThat(bench.job().located(LEAF.getFirst()).element().name()).isEqualTo("leaf");
        assertThat(bench.job().title()).isEqualTo("leaf at 15.0");
    }

    @Test
    void anEditWhoseConsequencesFailIsTakenBackAndTold() {
        Job before = bench.job();
        failing = true;
        bench.perform(new Move(LEAF, 5, 0));
        settle();
        assertThat(bench.job()).isSameAs(before);
        assertThat(failures).singleElement().isInstanceOf(IllegalStateException.class);
        failing = false;
        bench.perform(new Move(LEAF, 5, 0));
        settle();
        assertThat(x(bench.job())).isEqualTo(15);
    }

    @Test
    void oneOfSeveralThatCannotBeMadeLeavesTheOthers() {
        bench.perform(new Rename(LEAF, "Blade"));
        showDirectResults();
        bench.perform(new Delete(ids("nobody")));
        bench.perform(new Rename(LEAF, "Frond"));
        settle();
        assertThat(failures).singleElement().isInstanceOf(Refusal.class);
        assertThat(bench.job().located(LEAF.getFirst()).element().name()).isEqualTo("Frond");
    }

    @Test
    void anEditThatCannotBeMergedLeavesTheOneItWasAskedAfter() {
        bench.perform(new Delete(LEAF));
        showDirectResults();
        bench.perform(new Delete(LEAF));
        settle();
        assertThat(failures).singleElement().isInstanceOf(Refusal.class);
        assertThat(recorded).containsExactly(new Delete(LEAF));
        assertThat(bench.job().find(LEAF.getFirst())).isEmpty();
    }

    @Test
    void whateverIsAskedWheneverTheRecordMakesTheSameJob() throws Exception {
        for (int seed = 0; seed < 20; seed++) {
            Random random = new Random(seed);
            ExecutorService oneThread = Executors.newSingleThreadExecutor();
            ExecutorService another = Executors.newSingleThreadExecutor();
            ExecutorService asking = Executors.newSingleThreadExecutor();
            try {
                Recording recording = new Recording();
                Bench real = asking.submit(() -> {
                            Bench made = new Bench(SampleJob.make(), new EditThreads(oneThread, another, asking));
                            made.recordTo(recording);
                            return made;
                        })
                        .get();
                for (int i = 0; i < 60; i++) {
                    asking.submit(() -> ask(real, random)).get();
                    if (random.nextInt(4) == 0) {
                        Thread.sleep(random.nextInt(3));
                    }
                }
                while (!asking.submit(real::isSettled).get()) {
                    Thread.sleep(1);
                }
                assertThat(recording.history.job()).as("seed %d", seed).isEqualTo(real.job());
                assertThat(recording.history.past().isPresent()).isEqualTo(real.canUndo());
            } finally {
                oneThread.shutdown();
                another.shutdown();
                asking.shutdown();
                assertThat(oneThread.awaitTermination(10, TimeUnit.SECONDS)).isTrue();
            }
        }
    }

    /** Plays what is recorded again, as a journal would. */
    private static final class Recording implements Recorder {
        private History history;

        @Override
        public void opened(History opened, Optional<Path> file) {}

        Recording() {
            history = rondel.catalogue.WhatFollows.editing().begin(SampleJob.make());
        }

        @Override
        public void done(Operation operation) {
            history = history.then(operation);
        }

        @Override
        public void undone(Job after) {
            history = history.undo().orElseThrow();
        }

        @Override
        public void redone(Job after) {
            history = history.redo().orElseThrow();
        }

        @Override
        public void saved(Job job, Path file) {}

        @Override
        public void awaitKept() {}
    }

    private static void ask(Bench bench, Random random) {
        List<ElementId> all = bench.level().stream().map(Element::id).toList();
        List<ElementId> some = all.isEmpty() ? LEAF : List.of(all.get(random.nextInt(Math.min(3, all.size()))));
        switch (random.nextInt(8)) {
            case 0 -> bench.undo();
            case 1 -> bench.redo();
            case 2 -> bench.perform(new Rotate(some, 15, Anchor.CENTRE));
            case 3 -> bench.perform(new Flip(some, Axis.VERTICAL));
            case 4 -> bench.perform(new Duplicate(some, 1, 1));
            case 5 -> bench.perform(new Delete(some));
            default -> bench.perform(new Move(some, random.nextDouble(), 1));
        }
    }
}

package rondel.desktop.model;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import rondel.history.Editing;
import rondel.history.History;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;

/**
 * Makes edits in the order in which they are asked for, off the thread that asks. What an edit itself makes is shown at once;
 * what follows from it arrives behind and is part of the same step of the history. An edit of the same kind that is asked for
 * meanwhile is merged into it; any other waits until it is settled. One thread asks and hears.
 */
final class EditQueue {

    /** How long the direct result waits for what follows, in ms, so that both are shown as one where nothing slow follows:
     *  less than half a frame. */
    private static final long TOGETHER = 6;

    /** Hears how the job changes. */
    interface Listener {

        /** An edit's own result is there to be shown.
         *
         * @param selects what the edit leaves selected
         * @param merged whether it was merged into the one before */
        void shown(Operation operation, List<ElementId> selects, boolean merged);

        /** An edit is in the history, with what follows from it.
         *
         * @param wasShown whether its own result was shown before */
        void settled(Operation operation, List<ElementId> selects, boolean wasShown, boolean merged);

        /** The last edit is taken back, as the next takes its place.
         *
         * @param before the job without it */
        void replaced(Job before);

        /** An edit that was shown is taken back, as what follows from it can't be made. */
        void takenBack();

        /** The next edit is about to be worked out, on the thread that does so. */
        void beforeWork();
    }

    /** Who asked for an edit.
     *
     * @param made hears once it is shown
     * @param failed hears why it can't be made */
    record Asked(Runnable made, Consumer<Throwable> failed) {}

    private sealed interface Step {}

    /** @param instead the edit whose place it takes, where that is still the last */
    private record Edit(Operation operation, Asked asked, Optional<Operation> instead) implements Step {}

    private record Computed(Operation operation, Job base, Job result, Asked asked, Runnable stale) implements Step {}

    private record Call(Runnable action) implements Step {}

    /** An edit that is being made; where another was merged into it, what was under way {@code before}. */
    private static final class UnderWay {
        final Operation operation;
        final Job base;
        final Asked asked;
        final Optional<Operation> before;
        boolean replaces;
        Optional<Job> direct = Optional.empty();
        FutureTask<Job> following = new FutureTask<>(() -> null);

        UnderWay(Operation operation, Job base, Asked asked, Optional<Operation> before) {
            this.operation = operation;
            this.base = base;
            this.asked = asked;
            this.before = before;
        }

        boolean isShown() {
            return direct.isPresent();
        }

        boolean isMerged() {
            return before.isPresent();
        }
    }

    private final EditThreads threads;
    private final Listener listener;
    private final Deque<Step> waiting = new ArrayDeque<>();
    private Optional<UnderWay> underWay = Optional.empty();
    private History history;
    private FutureTask<?> preparing = new FutureTask<>(() -> null);

    EditQueue(EditThreads threads, Listener listener, History history) {
        this.threads = threads;
        this.listener = listener;
        this.history = history;
    }

    History history() {
        return history;
    }

    /** The job as it is to be shown: with the edit under way, once that is known. */
    Job job() {
        return underWay.flatMap(u -> u.direct).orElseGet(history::job);
    }

    boolean isSettled() {
        return underWay.isEmpty() && waiting.isEmpty();
    }

    /** Whether an edit is shown that is not in the history yet. */
    boolean isShowingMore() {
        return underWay.filter(UnderWay::isShown).isPresent();
    }

    /** Puts another history in place, and drops what was asked for. */
    void replace(History other) {
        underWay.ifPresent(u -> u.following.cancel(true));
        underWay = Optional.empty();
        waiting.clear();
        history = other;
        preparing.cancel(true);
        preparing = new FutureTask<>(() -> other.editing().prepare(other.job()), null);
        threads.following().execute(preparing);
    }

    void edit(Operation operation, Asked asked) {
        waiting.add(new Edit(operation, asked, Optional.empty()));
        next();
    }

    /** Makes an edit in the place of another, where that was the last: both are one step of the history. */
    void editInstead(Operation operation, Operation last, Asked asked) {
        waiting.add(new Edit(operation, asked, Optional.of(last)));
        next();
    }

    /** Takes an edit whose result, with what follows, was computed elsewhere.
     *
     * @param stale hears where the job has changed since {@code base} */
    void computed(Operation operation, Job base, Job result, Asked asked, Runnable stale) {
        waiting.add(new Computed(operation, base, result, asked, stale));
        next();
    }

    /** Runs an action once all that was asked for before it is settled. It may change the history. */
    void then(Runnable action) {
        waiting.add(new Call(action));
        next();
    }

    void replaceSettled(History other) {
        history = other;
    }

    private void next() {
        while (underWay.isEmpty() && !waiting.isEmpty()) {
            switch (waiting.poll()) {
                case Edit e -> begin(underWay(e));
                case Call c -> c.action.run();
                case Computed c -> take(c);
            }
        }
        if (isShowingMore() && waiting.peek() instanceof Edit e && e.instead.isEmpty()) {
            merge(underWay.get(), e);
        }
    }

    private UnderWay underWay(Edit e) {
        Optional<History.Step> last = history.past()
                .filter(s -> e.instead.filter(i -> i == s.operation()).isPresent());
        UnderWay made =
                new UnderWay(e.operation, last.map(History.Step::job).orElse(history.job()), e.asked, Optional.empty());
        made.replaces = last.isPresent();
        return made;
    }

    private void merge(UnderWay now, Edit edit) {
        now.operation.mergedWith(edit.operation).ifPresent(both -> {
            waiting.poll();
            now.following.cancel(true);
            begin(new UnderWay(both, now.base, edit.asked, Optional.of(now.operation)));
        });
    }

    private void take(Computed c) {
        if (c.base != history.job()) {
            c.stale.run();
            return;
        }
        history = history.then(c.operation, c.result);
        listener.settled(c.operation, c.operation.selects(c.base, c.result), false, false);
        c.asked.made.run();
    }

    private void begin(UnderWay edit) {
        underWay = Optional.of(edit);
        preparing.cancel(true);
        Editing editing = history.editing();
        threads.direct().execute(() -> work(edit, editing));
    }

    /** Off the asking thread. */
    private void work(UnderWay edit, Editing editing) {
        Job direct;
        List<ElementId> selects;
        try {
            listener.beforeWork();
            direct = editing.direct(edit.operation, edit.base);
            selects = edit.operation.selects(edit.base, direct);
            selects.stream()
                    .findFirst()
                    .ifPresent(direct::find); // so that the index is made here, and not by the window
        } catch (Throwable e) {
            threads.window().execute(() -> failed(edit, e));
            return;
        }
        FutureTask<Job> following = following(edit, editing, direct, selects);
        threads.following().execute(following);
        if (!isDoneSoon(following)) {
            threads.window().execute(() -> show(edit, direct, selects, following));
        }
    }

    private FutureTask<Job> following(UnderWay edit, Editing editing, Job direct, List<ElementId> selects) {
        return new FutureTask<>(() -> editing.follow(edit.base, direct)) {
            @Override
            protected void done() {
                if (!isCancelled()) {
                    threads.window().execute(() -> settle(edit, selects, this));
                }
            }
        };
    }

    private static boolean isDoneSoon(FutureTask<Job> task) {
        try {
            task.get(TOGETHER, TimeUnit.MILLISECONDS);
            return true;
        } catch (TimeoutException e) {
            return false;
        } catch (ExecutionException | CancellationException e) {
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return true;
        }
    }

    private void show(UnderWay edit, Job direct, List<ElementId> selects, FutureTask<Job> following) {
        if (underWay.filter(u -> u == edit).isEmpty()) {
            following.cancel(true);
            return;
        }
        edit.direct = Optional.of(direct);
        edit.following = following;
        listener.shown(edit.operation, selects, edit.isMerged());
        edit.asked.made.run();
        next();
    }

    private void settle(UnderWay edit, List<ElementId> selects, FutureTask<Job> following) {
        if (underWay.filter(u -> u == edit).isEmpty()) {
            return;
        }
        Job after;
        try {
            after = following.get();
        } catch (ExecutionException e) {
            failed(edit, e.getCause());
            return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return;
        }
        underWay = Optional.empty();
        if (edit.replaces) {
            history = history.undo().orElseThrow();
            listener.replaced(history.job());
        }
        history = history.then(edit.operation, after);
        listener.settled(edit.operation, selects, edit.isShown(), edit.isMerged());
        if (!edit.isShown()) {
            edit.asked.made.run();
        }
        next();
    }

    private void failed(UnderWay edit, Throwable why) {
        if (underWay.filter(u -> u == edit).isEmpty()) {
            return;
        }
        underWay = Optional.empty();
        edit.asked.failed.accept(why);
        if (edit.isMerged() && !edit.isShown()) {
            Operation before = edit.before.get();
            begin(new UnderWay(before, edit.base, new Asked(() -> {}, edit.asked.failed), edit.before));
            return;
        }
        if (edit.isShown()) {
            listener.takenBack();
        }
        next();
    }
}

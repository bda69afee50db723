package rondel.history;

import java.util.Optional;
import rondel.job.Job;
import rondel.operation.Operation;

/** A job with what was done to it and what was undone: an immutable value. Undo gives back the very job that was.
 *
 * @param now the job as it is
 * @param future what was undone, to be made again
 * @param editing how edits are made of it */
public record History(JobState now, Optional<Undone> future, Editing editing) {

    /** An edit that was made, as one of a chain. */
    public record Step(JobState after) {

        public Operation operation() {
            return after.operation().orElseThrow();
        }

        /** The job before it. */
        public Job job() {
            return after.before().orElseThrow().job();
        }

        /** The edit before it. */
        public Optional<Step> next() {
            return after.before().flatMap(Step::into);
        }

        private static Optional<Step> into(JobState state) {
            return state.operation().map(o -> new Step(state));
        }
    }

    /** An edit that was undone, as one of a chain.
     *
     * @param after how the job was after it
     * @param next the one that was undone before */
    public record Undone(JobState after, Optional<Undone> next) {

        public Operation operation() {
            return after.operation().orElseThrow();
        }
    }

    static History of(Job job, Editing editing) {
        return new History(JobState.opened(job), Optional.empty(), editing);
    }

    public Job job() {
        return now.job();
    }

    /** The last edit that was made. */
    public Optional<Step> past() {
        return Step.into(now);
    }

    /** The history after an edit and what follows from it; what had been undone is gone.
     *
     * @throws rondel.words.Refusal if the edit can't be made */
    public History then(Operation operation) {
        return then(operation, editing.apply(operation, job()));
    }

    /** The history after an edit whose result is known already: what {@link Editing#apply} makes of it. */
    public History then(Operation operation, Job after) {
        return new History(now.then(operation, after, editing), Optional.empty(), editing);
    }

    public Optional<History> undo() {
        return now.before().map(before -> new History(before, Optional.of(new Undone(now, future)), editing));
    }

    public Optional<History> redo() {
        return future.map(undone -> new History(undone.after, undone.next, editing));
    }
}

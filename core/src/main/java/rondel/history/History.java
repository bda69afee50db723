package rondel.history;

import java.util.Optional;
import rondel.job.Job;
import rondel.operation.Operation;

/** A job with what was done to it and what was undone: an immutable value. Undo gives back the very job that was.
 *
 * @param editing how edits are made of it */
public record History(Job job, Optional<Step> past, Optional<Step> future, Editing editing) {

    /** One edit in a chain: with {@code past}, the job before it; with {@code future}, the job after it. */
    public record Step(Operation operation, Job job, Optional<Step> next) {}

    static History of(Job job, Editing editing) {
        return new History(job, Optional.empty(), Optional.empty(), editing);
    }

    /** The history after an edit and what follows from it; what had been undone is gone.
     *
     * @throws rondel.words.Refusal if the edit can't be made */
    public History then(Operation operation) {
        return then(operation, editing.apply(operation, job));
    }

    /** The history after an edit whose result is known already: what {@link Editing#apply} makes of it. */
    public History then(Operation operation, Job after) {
        return new History(after, Optional.of(new Step(operation, job, past)), Optional.empty(), editing);
    }

    public Optional<History> undo() {
        return past.map(
                step -> new History(step.job, step.next, Optional.of(new Step(step.operation, job, future)), editing));
    }

    public Optional<History> redo() {
        return future.map(
                step -> new History(step.job, Optional.of(new Step(step.operation, job, past)), step.next, editing));
    }
}

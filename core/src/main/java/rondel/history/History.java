package rondel.history;

import java.util.Optional;
import rondel.job.Job;
import rondel.link.Following;
import rondel.operation.Operation;

/** A job with what was done to it and what was undone: an immutable value. Undo gives back the very job that was. */
public record History(Job job, Optional<Step> past, Optional<Step> future) {

    /** One edit in a chain: with {@code past}, the job before it; with {@code future}, the job after it. */
    public record Step(Operation operation, Job job, Optional<Step> next) {}

    public static History of(Job job) {
        return new History(job, Optional.empty(), Optional.empty());
    }

    /** The history after an edit; what had been undone is gone. */
    public History then(Operation operation) {
        return then(operation, Following.apply(operation, job));
    }

    /** The history after an edit whose result is known already: what {@link Following} makes of it. */
    public History then(Operation operation, Job after) {
        return new History(after, Optional.of(new Step(operation, job, past)), Optional.empty());
    }

    public Optional<History> undo() {
        return past.map(step -> new History(step.job, step.next, Optional.of(new Step(step.operation, job, future))));
    }

    public Optional<History> redo() {
        return future.map(step -> new History(step.job, Optional.of(new Step(step.operation, job, past)), step.next));
    }
}

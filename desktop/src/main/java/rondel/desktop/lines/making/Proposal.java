package rondel.desktop.lines.making;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.operation.Operation;

/** What a preview shows.
 *
 * @param edit run in the background, with the bench's way of making edits
 * @param exactly the operation whose result it shows, with what follows; nothing where it shows what is quicker to make and
 *     looks alike */
public record Proposal(BiFunction<Editing, Job, Job> edit, Optional<Operation> exactly) {

    public static Proposal of(Operation operation) {
        return new Proposal((editing, job) -> editing.apply(operation, job), Optional.of(operation));
    }

    public static Proposal like(UnaryOperator<Job> edit) {
        return new Proposal((editing, job) -> edit.apply(job), Optional.empty());
    }
}

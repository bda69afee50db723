package rondel.compose.arrange;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Locks elements against every change but unlocking, or unlocks them. */
public record Lock(
        List<ElementId> elements, @LeftOut("true") boolean locked) implements Operation {

    public Lock {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.existing(job, elements), (e, toSheet) -> e.with(t -> t.withLocked(locked)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of(locked ? "operation.lock" : "operation.unlock");
    }
}

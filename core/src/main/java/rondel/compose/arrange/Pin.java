package rondel.compose.arrange;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Pins elements to their size: when what they belong to is scaled, only their place scales. Or lets them scale again. */
public record Pin(List<ElementId> elements, @LeftOut("true") boolean pinned) implements Operation {

    public Pin {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> e.with(t -> t.withPinned(pinned)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of(pinned ? "operation.pin" : "operation.unpin");
    }
}

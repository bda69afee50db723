package rondel.compose.slot;

import java.util.List;
import java.util.Set;
import rondel.fields.RecipeName;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Takes the pictures out of windows. */
@RecipeName("empty-windows")
public record EmptySlots(List<ElementId> elements) implements Operation {

    public EmptySlots {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.replace(job, ids, (e, toSheet) -> Slots.of(e).withChildren(List.of()));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.emptyWindows");
    }
}

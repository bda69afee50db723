package rondel.compose.slot;

import java.util.List;
import java.util.Set;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.GroupUse;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Says how pictures lie in their windows, and lays them so; what becomes free stays where it is. */
public record SetFit(List<ElementId> elements, Fit fit) implements Operation {

    public SetFit {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.replace(job, ids, (e, toSheet) -> {
            return Fitting.fitted(Slots.of(e).withUse(new GroupUse.Slot(fit)), toSheet);
        });
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.setFit");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.EmptyGroups;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Takes elements off the job. Groups that this empties go too. */
public record Delete(List<ElementId> elements) implements Operation {

    public Delete {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Job without = Tree.expand(job, Targets.unlocked(job, elements), (e, toSheet) -> List.of());
        return EmptyGroups.dissolvedSince(job, without);
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return List.of();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.delete");
    }
}

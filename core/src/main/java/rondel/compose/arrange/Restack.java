package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Puts elements at one place among their siblings, keeping their order: so many of the others lie behind them.
 *
 * @param behind how many of the siblings that do not move are behind; beyond the last means the front */
public record Restack(List<ElementId> elements, int behind) implements Operation {

    public Restack {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Stacking.restack(job, elements, behind);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.restack");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Brings each element one place towards the front among its siblings. */
public record Raise(List<ElementId> elements) implements Operation {

    public Raise {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Stacking.raise(job, elements);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.raise");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Brings elements in front of all their siblings. */
public record ToFront(List<ElementId> elements) implements Operation {

    public ToFront {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Stacking.toFront(job, elements);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.toFront");
    }
}

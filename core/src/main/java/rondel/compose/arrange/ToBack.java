package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Sends elements behind all their siblings. */
public record ToBack(List<ElementId> elements) implements Operation {

    public ToBack {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Stacking.toBack(job, elements);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.toBack");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Sends each element one place towards the back among its siblings. */
public record Lower(List<ElementId> elements) implements Operation {

    public Lower {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Stacking.lower(job, elements);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.lower");
    }
}

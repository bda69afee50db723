package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Fills the shapes and texts of elements; pictures stay as they are. */
public record SetFill(List<ElementId> elements, Paint fill) implements Operation {

    public SetFill {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> Painting.fill(e, fill));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.fill");
    }
}

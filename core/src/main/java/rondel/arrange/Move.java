package rondel.arrange;

import java.util.List;
import rondel.geometry.Affine;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Mm;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Moves elements by a distance on their sheet: right and down where positive. */
public record Move(
        List<ElementId> elements, @Mm double dx, @Mm double dy) implements Operation {

    public Move {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Transforming.onSheet(
                job, elements, Affine.translate(Targets.finite(dx, "dx"), Targets.finite(dy, "dy")));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.move");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.Axis;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Words;

/** Mirrors elements together about the middle of the box around them. */
public record Flip(List<ElementId> elements, Axis axis) implements Operation {

    public Flip {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.existing(job, elements);
        Point centre = Transforming.box(job, elements).centre();
        return Transforming.onSheet(
                job, elements, axis == Axis.HORIZONTAL ? Affine.scale(-1, 1, centre) : Affine.scale(1, -1, centre));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.flip");
    }
}

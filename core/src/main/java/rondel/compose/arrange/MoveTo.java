package rondel.compose.arrange;

import java.util.List;
import rondel.compose.link.HaloUnits;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Words;

/** Moves elements together so that {@code anchor} of the box around them comes to (x, y) on the sheet. */
public record MoveTo(
        List<ElementId> elements,
        @Mm double x,
        @Mm double y,
        @LeftOut("top-left") Anchor anchor) implements Operation {

    public MoveTo {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.existing(job, elements);
        Point from = Transforming.box(job, elements).at(anchor);
        return Transforming.onSheet(
                job,
                new HaloUnits(job).whole(elements),
                Affine.translate(Targets.finite(x, "x") - from.x(), Targets.finite(y, "y") - from.y()));
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

package rondel.compose.outline;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Makes a point of a contour smooth, so that the line goes straight through it, or a corner.
 *
 * @param smooth whether it becomes smooth; else its handles are drawn in, and straight stretches meet */
public record ShapePoint(
        ElementId element,
        @LeftOut("0") int contour,
        int point,
        @LeftOut("true") boolean smooth) implements Operation {

    @Override
    public Job apply(Job job) {
        return ContourEdit.one(job, element, contour, (c, back) -> {
            ContourEdit.checkPoint(c, point);
            return List.of(smooth ? PointShape.smooth(c, point) : PointShape.corner(c, point));
        });
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.shapePoint");
    }
}

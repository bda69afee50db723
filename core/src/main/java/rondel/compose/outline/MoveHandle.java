package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Moves a handle of a curve to a place on the sheet, in mm; a straight stretch becomes a curve by it.
 *
 * @param segment which stretch between two points, counted from 0
 * @param handle 1 for the one at its start, 2 for the one at its end */
public record MoveHandle(
        ElementId element,
        @LeftOut("0") int contour,
        int segment,
        int handle,
        @Mm double x,
        @Mm double y) implements Operation {

    @Override
    public Job apply(Job job) {
        if (handle != 1 && handle != 2) {
            throw Refusal.of("outline.handle");
        }
        Targets.finite(x, "x");
        Targets.finite(y, "y");
        return ContourEdit.one(
                job, element, contour, (c, back) -> List.of(moved(c, segment, handle, back.apply(x, y))));
    }

    /** The contour with a handle elsewhere, in its own space. */
    static Contour moved(Contour c, int segment, int handle, Point to) {
        ContourEdit.checkSegment(c, segment);
        List<Bezier> segments = new ArrayList<>(c.segments());
        Bezier b = PointShape.cubic(segments.get(segment));
        Point first = handle == 1 ? to : b.control(1);
        Point second = handle == 2 ? to : b.control(2);
        segments.set(segment, PointShape.cubic(b.start(), first, second, b.end()));
        return new Contour(segments, c.closed());
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.moveHandle");
    }
}

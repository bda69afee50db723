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
import rondel.words.Words;

/** Moves a point of a contour to a place on the sheet, in mm; the handles of curves beside it move along. */
public record MovePoint(
        ElementId element,
        @LeftOut("0") int contour,
        int point,
        @Mm double x,
        @Mm double y) implements Operation {

    @Override
    public Job apply(Job job) {
        Targets.finite(x, "x");
        Targets.finite(y, "y");
        return ContourEdit.one(job, element, contour, (c, back) -> List.of(moved(c, point, back.apply(x, y))));
    }

    /** The contour with a point elsewhere, in its own space. */
    static Contour moved(Contour c, int point, Point to) {
        ContourEdit.checkPoint(c, point);
        List<Bezier> segments = new ArrayList<>(c.segments());
        int n = segments.size();
        if (point < n) {
            Bezier after = segments.get(point);
            segments.set(point, after.between(to, n == 1 && c.closed() ? to : after.end()));
        }
        if (point > 0 || c.closed()) {
            int i = Math.floorMod(point - 1, n);
            Bezier before = segments.get(i);
            segments.set(i, before.between(before.start(), to));
        }
        return new Contour(segments, c.closed());
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.movePoint");
    }
}

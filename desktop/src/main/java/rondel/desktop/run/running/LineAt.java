package rondel.desktop.run.running;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.job.ElementId;
import rondel.run.passes.Pass;
import rondel.run.passes.SheetLine;

/** Which line of a sheet lies at a place. */
public final class LineAt {

    private static final double FLAT = 0.1;

    private LineAt() {}

    /** The element of the sheet itself whose line is nearest.
     *
     * @param reach how far off it may be, in mm */
    public static Optional<ElementId> of(List<Pass> passes, Point place, double reach) {
        double nearest = reach;
        Optional<ElementId> found = Optional.empty();
        for (Pass pass : passes) {
            for (SheetLine line : pass.lines()) {
                for (Bezier b : line.contour().segments()) {
                    if (!b.hull().grown(nearest).contains(place)) {
                        continue;
                    }
                    double d = distance(b, place);
                    if (d < nearest) {
                        nearest = d;
                        found = Optional.of(line.path().get(line.onSheet() - 1));
                    }
                }
            }
        }
        return found;
    }

    private static double distance(Bezier b, Point p) {
        int steps = b.steps(FLAT);
        double least = Double.POSITIVE_INFINITY;
        Point before = b.start();
        for (int i = 1; i <= steps; i++) {
            Point now = b.at((double) i / steps);
            least = Math.min(
                    least, java.awt.geom.Line2D.ptSegDist(before.x(), before.y(), now.x(), now.y(), p.x(), p.y()));
            before = now;
        }
        return least;
    }
}

package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.noding.SegmentString;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** The segments of all operands, each with the operand it bounds, flattened onto a grid. The vertices of a curve stand at
 *  equal steps of t, so that the same curve run the other way gives the same vertices. */
final class Sources {

    private final List<Bezier> segments = new ArrayList<>();
    private final List<Integer> operands = new ArrayList<>();
    private final List<SegmentString> strings = new ArrayList<>();
    private final List<Coordinate[]> vertices = new ArrayList<>();
    private final List<double[]> parameters = new ArrayList<>();
    private final double tolerance;
    private final PrecisionModel grid;

    /** @param tolerance how far chords may lie from their curve
     *  @param grid what vertices are rounded to */
    Sources(List<Operand> all, double tolerance, PrecisionModel grid) {
        this.tolerance = tolerance;
        this.grid = grid;
        for (int i = 0; i < all.size(); i++) {
            for (Contour contour : Contour.of(all.get(i).outline())) {
                for (Bezier segment : contour.filled().segments()) {
                    add(segment, i);
                }
            }
        }
    }

    private void add(Bezier segment, int operand) {
        int steps = segment.steps(tolerance);
        Coordinate[] points = new Coordinate[steps + 1];
        double[] ts = new double[steps + 1];
        int count = 0;
        for (int i = 0; i <= steps; i++) {
            double t = (double) i / steps;
            double x = grid.makePrecise(i == steps ? segment.endX() : segment.coordinate(0, t));
            double y = grid.makePrecise(i == steps ? segment.endY() : segment.coordinate(1, t));
            if (count == 0 || points[count - 1].x != x || points[count - 1].y != y) {
                ts[count] = t;
                points[count++] = new Coordinate(x, y);
            }
        }
        if (count > 1) {
            Coordinate[] kept = count == points.length ? points : Arrays.copyOf(points, count);
            strings.add(new CancellableString(kept, segments.size()));
            ts[count - 1] = 1;
            vertices.add(kept);
            parameters.add(ts);
            segments.add(segment);
            operands.add(operand);
        }
    }

    List<SegmentString> strings() {
        return strings;
    }

    Bezier segment(int source) {
        return segments.get(source);
    }

    Coordinate[] vertices(int source) {
        return vertices.get(source);
    }

    /** The t of each vertex. */
    double[] parameters(int source) {
        return parameters.get(source);
    }

    int operand(int source) {
        return operands.get(source);
    }
}

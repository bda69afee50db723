package rondel.text;

import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;

/** The first contour of an outline as a way to run along, by a table of its length. A closed one goes on around; beyond an
 *  open one's ends it goes straight on. */
final class PathRun {

    /** How far, in the outline's unit, a chord may lie off its curve. */
    private static final double FLATNESS = 0.005;

    private final List<Point> points;
    private final double[] lengths;
    private final boolean closed;

    private PathRun(List<Point> points, boolean closed) {
        this.points = points;
        this.closed = closed;
        this.lengths = new double[points.size()];
        for (int i = 1; i < lengths.length; i++) {
            lengths[i] = lengths[i - 1] + points.get(i).distanceTo(points.get(i - 1));
        }
    }

    /** Nothing to run along counts as a point that goes on to the right. */
    static PathRun of(Outline outline) {
        List<Point> points = new ArrayList<>();
        double[] c = new double[6];
        PathIterator it =
                new FlatteningPathIterator(outline.iterator(Affine.IDENTITY.toAwt(), FillRule.NON_ZERO), FLATNESS, 14);
        boolean closed = false;
        for (; !it.isDone() && !closed; it.next()) {
            int segment = it.currentSegment(c);
            if (segment == PathIterator.SEG_CLOSE) {
                add(points, points.getFirst());
                closed = true;
            } else if (segment == PathIterator.SEG_MOVETO && !points.isEmpty()) {
                break;
            } else {
                add(points, new Point(c[0], c[1]));
            }
        }
        if (points.size() < 2) {
            Point start = points.isEmpty() ? Point.ORIGIN : points.getFirst();
            return new PathRun(List.of(start, start.plus(1, 0)), false);
        }
        boolean meets = points.getFirst().distanceTo(points.getLast()) < FLATNESS && points.size() > 2;
        return new PathRun(points, closed || meets);
    }

    private static void add(List<Point> points, Point p) {
        if (points.isEmpty() || points.getLast().distanceTo(p) > 1e-9) {
            points.add(p);
        }
    }

    double length() {
        return lengths[lengths.length - 1];
    }

    /** From a place on the way, with the way's direction to the right, to the outline's space. */
    Affine at(double distance) {
        double along = closed ? ((distance % length()) + length()) % length() : distance;
        int i = 1;
        int low = 1;
        int high = lengths.length - 1;
        while (low < high) {
            i = (low + high) >>> 1;
            if (lengths[i] < along) {
                low = i + 1;
            } else {
                high = i;
            }
        }
        i = low;
        Point a = points.get(i - 1);
        Point b = points.get(i);
        double span = lengths[i] - lengths[i - 1];
        double share = (along - lengths[i - 1]) / span;
        double cos = (b.x() - a.x()) / span;
        double sin = (b.y() - a.y()) / span;
        return new Affine(cos, sin, -sin, cos, a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
    }
}

package rondel.run.route;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** A contour as straight pieces, as fine as a machine can follow and no finer.
 *
 * @param points of a closed line without its first one again at the end
 * @param corners which of the points are corners */
public record FlatLine(List<Point> points, boolean closed, BitSet corners) {

    /** What turns less than this, in degrees, is no corner. */
    private static final double CORNER = 30;

    /** Ends that lie so near, in mm, are one. */
    private static final double MEETS = 1e-3;

    /** @param step the machine's, in mm: chords stay within half of it, and are as long at least */
    public static FlatLine of(Contour contour, double step) {
        List<Bezier> segments = contour.segments();
        Bezier first = segments.getFirst();
        Bezier last = segments.getLast();
        boolean closed =
                contour.closed() || segments.size() > 1 && first.start().distanceTo(last.end()) < MEETS;
        List<Point> points = new ArrayList<>();
        BitSet corners = new BitSet();
        for (int i = 0; i < segments.size(); i++) {
            Bezier b = segments.get(i);
            boolean corner = i == 0 ? !closed || turns(last, b) : turns(segments.get(i - 1), b);
            if (corner && !points.isEmpty() && points.getLast().distanceTo(b.start()) < step) {
                points.removeLast();
                corners.clear(points.size());
            }
            add(points, corners, b.start(), corner, step);
            int steps = b.steps(step / 2);
            for (int k = 1; k < steps; k++) {
                add(points, corners, b.at((double) k / steps), false, step);
            }
        }
        if (!closed) {
            while (points.size() > 1 && points.getLast().distanceTo(last.end()) < step) {
                points.removeLast();
            }
            points.add(last.end());
            corners.set(points.size() - 1);
        } else if (points.size() > 2 && points.getLast().distanceTo(points.getFirst()) < step) {
            points.removeLast();
        }
        return new FlatLine(List.copyOf(points), closed && points.size() > 1, corners);
    }

    private static void add(List<Point> points, BitSet corners, Point p, boolean corner, double step) {
        if (!corner && !points.isEmpty() && points.getLast().distanceTo(p) < step) {
            return;
        }
        if (corner) {
            corners.set(points.size());
        }
        points.add(p);
    }

    private static boolean turns(Bezier before, Bezier after) {
        return before.cornerWith(after) < 180 - CORNER;
    }

    public int size() {
        return points.size();
    }

    Point at(int i) {
        return points.get(Math.floorMod(i, points.size()));
    }

    Box box() {
        double x0 = Double.POSITIVE_INFINITY;
        double y0 = x0;
        double x1 = -x0;
        double y1 = -x0;
        for (Point p : points) {
            x0 = Math.min(x0, p.x());
            y0 = Math.min(y0, p.y());
            x1 = Math.max(x1, p.x());
            y1 = Math.max(y1, p.y());
        }
        return Box.between(x0, y0, x1, y1);
    }

    /** The area inside of a closed line, as the polygon that it is. */
    double area() {
        return Math.abs(signedArea());
    }

    /** Above 0 where it runs clockwise on a page with y down. */
    double signedArea() {
        double twice = 0;
        for (int i = 0; i < size(); i++) {
            Point a = at(i);
            Point b = at(i + 1);
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice / 2;
    }

    /** The same in a place that a map leads to. */
    public FlatLine mapped(java.util.function.UnaryOperator<Point> map) {
        return new FlatLine(points.stream().map(map).toList(), closed, corners);
    }
}

package rondel.geometry;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.index.intervalrtree.SortedPackedIntervalRTree;

/** How often a shape goes round places, for many places: its flattened edges are kept in a tree by their heights, and those are
 *  counted that a line from the place to the right crosses (Hormann and Agathos, The point in polygon problem for arbitrary
 *  polygons, 2001). */
public final class Windings {

    private final SortedPackedIntervalRTree edges = new SortedPackedIntervalRTree();

    /** @param flatness how far edges may lie from the shape's curves, in its units */
    public Windings(Shape shape, double flatness) {
        double[] xy = new double[6];
        Coordinate start = new Coordinate();
        Coordinate at = start;
        for (PathIterator i = shape.getPathIterator(null, flatness); !i.isDone(); i.next()) {
            int kind = i.currentSegment(xy);
            Coordinate to = kind == PathIterator.SEG_CLOSE ? start : new Coordinate(xy[0], xy[1]);
            if (kind == PathIterator.SEG_MOVETO) {
                add(at, start);
                start = to;
            } else {
                add(at, to);
            }
            at = to;
        }
        add(at, start);
    }

    private void add(Coordinate from, Coordinate to) {
        if (from.y != to.y) {
            edges.insert(Math.min(from.y, to.y), Math.max(from.y, to.y), new LineSegment(from, to));
        }
    }

    /** Above 0 where it goes round clockwise as one sees it, y pointing down; 0 outside. */
    public int around(double x, double y) {
        int[] sum = new int[1];
        edges.query(y, y, item -> sum[0] += crossing((LineSegment) item, x, y));
        return sum[0];
    }

    private static int crossing(LineSegment edge, double x, double y) {
        boolean down = edge.p0.y <= y && edge.p1.y > y;
        boolean up = edge.p1.y <= y && edge.p0.y > y;
        if (!down && !up) {
            return 0;
        }
        double at = edge.p0.x + (y - edge.p0.y) / (edge.p1.y - edge.p0.y) * (edge.p1.x - edge.p0.x);
        return at <= x ? 0 : down ? 1 : -1;
    }
}

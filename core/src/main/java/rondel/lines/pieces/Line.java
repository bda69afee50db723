package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Location;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.curve.Retraced;

/** One contour of one leaf, as it lies on the sheet, flattened.
 *
 * @param leaf the number of the element it belongs to, from back to front
 * @param contour its number in that element's outline
 * @param bounds whether it is an outline that makes a piece: closed, and to be cut */
record Line(int leaf, int contour, boolean bounds, Coordinate[] points, Envelope box, double area, double length) {

    private static final double TOLERANCE = 0.02;

    /** Boxes that differ by less are one, in mm. */
    private static final double SAME = 1e-3;

    static Line of(int leaf, int number, Contour contour, boolean bounds) {
        List<Coordinate> points = new ArrayList<>();
        Envelope box = new Envelope();
        for (Bezier b : contour.segments()) {
            int steps = b.steps(TOLERANCE);
            for (int i = 0; i < steps; i++) {
                add(points, box, b.coordinate(0, (double) i / steps), b.coordinate(1, (double) i / steps));
            }
        }
        Bezier last = contour.segments().getLast();
        add(points, box, last.endX(), last.endY());
        if (bounds) {
            points.set(points.size() - 1, points.getFirst().copy());
        }
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += points.get(i).distance(points.get(i - 1));
        }
        return new Line(leaf, number, bounds, points.toArray(Coordinate[]::new), box, Math.abs(contour.area()), length);
    }

    /** The same line, making a piece only if it did and still may. */
    Line bounding(boolean may) {
        return new Line(leaf, contour, bounds && may, points, box, area, length);
    }

    private static void add(List<Coordinate> points, Envelope box, double x, double y) {
        points.add(new Coordinate(x, y));
        box.expandToInclude(x, y);
    }

    /** Places at equal distances along it. */
    List<Coordinate> samples(int count) {
        List<Coordinate> samples = new ArrayList<>();
        double step = length / count;
        double at = step / 2;
        double gone = 0;
        for (int i = 1; i < points.length && samples.size() < count; i++) {
            double own = points[i].distance(points[i - 1]);
            while (at <= gone + own && samples.size() < count) {
                double share = own == 0 ? 0 : (at - gone) / own;
                samples.add(new Coordinate(
                        points[i - 1].x + share * (points[i].x - points[i - 1].x),
                        points[i - 1].y + share * (points[i].y - points[i - 1].y)));
                at += step;
            }
            gone += own;
        }
        if (samples.isEmpty()) {
            samples.add(points[0]);
        }
        return samples;
    }

    /** Whether it is drawn over another, whichever way it runs. */
    boolean doubles(Line other) {
        return Retraced.alike(box, other.box, SAME)
                && Math.abs(length - other.length) < SAME * 10
                && Retraced.along(line(), other.line(), SAME + 2 * TOLERANCE);
    }

    private LineString line() {
        return new GeometryFactory().createLineString(points);
    }

    /** Tells quickly, again and again, what lies inside. */
    Within within() {
        IndexedPointInAreaLocator locator = new IndexedPointInAreaLocator(new GeometryFactory().createPolygon(points));
        return p -> box.contains(p) && locator.locate(p) != Location.EXTERIOR;
    }

    /** Whether a place lies inside a line, or on it. */
    interface Within {
        boolean holds(Coordinate p);
    }
}

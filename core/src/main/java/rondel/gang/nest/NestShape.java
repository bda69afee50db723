package rondel.gang.nest;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** A piece's polygon, with holes, in one turn, about its origin: its edges, and circles inside it that tell quickly how deep it lies in
 *  another. Made once for each turn, or turned into a scratch shape again and again. */
final class NestShape {

    final double[] ax;
    final double[] ay;
    final double[] bx;
    final double[] by;
    final double[] cx;
    final double[] cy;
    final double[] cr;
    final double area;
    final double hull;
    final double diameter;
    double minX;
    double minY;
    double maxX;
    double maxY;
    double turn;

    private NestShape(int edges, int circles, double area, double hull, double diameter) {
        ax = new double[edges];
        ay = new double[edges];
        bx = new double[edges];
        by = new double[edges];
        cx = new double[circles];
        cy = new double[circles];
        cr = new double[circles];
        this.area = area;
        this.hull = hull;
        this.diameter = diameter;
    }

    /** @param polygons one polygon or several, with their holes */
    static NestShape of(Geometry polygons) {
        int edges = 0;
        for (int i = 0; i < polygons.getNumGeometries(); i++) {
            Polygon p = (Polygon) polygons.getGeometryN(i);
            edges += p.getNumPoints() - 1 - p.getNumInteriorRing();
        }
        Geometry hull = polygons.convexHull();
        Coordinate[] around = hull.getCoordinates();
        double diameter = 0;
        for (Coordinate a : around) {
            for (Coordinate b : around) {
                diameter = Math.max(diameter, a.distance(b));
            }
        }
        NestShape bare = new NestShape(edges, 0, polygons.getArea(), Math.sqrt(hull.getArea()), diameter);
        int at = 0;
        for (int i = 0; i < polygons.getNumGeometries(); i++) {
            Polygon p = (Polygon) polygons.getGeometryN(i);
            at = bare.ring(p.getExteriorRing().getCoordinates(), at);
            for (int k = 0; k < p.getNumInteriorRing(); k++) {
                at = bare.ring(p.getInteriorRingN(k).getCoordinates(), at);
            }
        }
        bare.bound();
        List<double[]> circles = InscribedCircles.of(bare);
        NestShape shape = new NestShape(edges, circles.size(), bare.area, bare.hull, diameter);
        System.arraycopy(bare.ax, 0, shape.ax, 0, edges);
        System.arraycopy(bare.ay, 0, shape.ay, 0, edges);
        System.arraycopy(bare.bx, 0, shape.bx, 0, edges);
        System.arraycopy(bare.by, 0, shape.by, 0, edges);
        for (int i = 0; i < circles.size(); i++) {
            shape.cx[i] = circles.get(i)[0];
            shape.cy[i] = circles.get(i)[1];
            shape.cr[i] = circles.get(i)[2];
        }
        shape.bound();
        return shape;
    }

    private int ring(Coordinate[] points, int from) {
        int at = from;
        for (int i = 0; i + 1 < points.length; i++) {
            ax[at] = even(points[i].x);
            ay[at] = even(points[i].y);
            bx[at] = even(points[i + 1].x);
            by[at] = even(points[i + 1].y);
            at++;
        }
        return at;
    }

    /** To a millionth of a millimetre: what processors disagree about in the last digit makes no difference then. */
    private static double even(double mm) {
        return Math.rint(mm * 1e6) / 1e6;
    }

    private void bound() {
        minX = Double.POSITIVE_INFINITY;
        minY = Double.POSITIVE_INFINITY;
        maxX = Double.NEGATIVE_INFINITY;
        maxY = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < ax.length; i++) {
            minX = Math.min(minX, ax[i]);
            maxX = Math.max(maxX, ax[i]);
            minY = Math.min(minY, ay[i]);
            maxY = Math.max(maxY, ay[i]);
        }
    }

    /** A shape of the same make to be turned into. */
    NestShape scratch() {
        return new NestShape(ax.length, cx.length, area, hull, diameter);
    }

    /** Writes this shape, turned clockwise about its origin, into another of the same make. Sines are those of the standard library's
     *  portable algorithms, so that all machines agree. */
    NestShape turnedInto(double degrees, NestShape other) {
        double angle = degrees - turn;
        double quarters = angle / 90;
        double cos;
        double sin;
        if (quarters == Math.rint(quarters)) {
            int q = (int) Math.floorMod((long) quarters, 4L);
            cos = q == 0 ? 1 : q == 2 ? -1 : 0;
            sin = q == 1 ? 1 : q == 3 ? -1 : 0;
        } else {
            cos = StrictMath.cos(StrictMath.toRadians(angle));
            sin = StrictMath.sin(StrictMath.toRadians(angle));
        }
        for (int i = 0; i < ax.length; i++) {
            other.ax[i] = cos * ax[i] - sin * ay[i];
            other.ay[i] = sin * ax[i] + cos * ay[i];
            other.bx[i] = cos * bx[i] - sin * by[i];
            other.by[i] = sin * bx[i] + cos * by[i];
        }
        for (int i = 0; i < cx.length; i++) {
            other.cx[i] = cos * cx[i] - sin * cy[i];
            other.cy[i] = sin * cx[i] + cos * cy[i];
            other.cr[i] = cr[i];
        }
        other.turn = degrees;
        other.bound();
        return other;
    }

    NestShape turned(double degrees) {
        return turnedInto(degrees, scratch());
    }

    double width() {
        return maxX - minX;
    }

    double height() {
        return maxY - minY;
    }

    /** Whether a place lies in it; not in its holes. */
    boolean contains(double x, double y) {
        if (x < minX || x > maxX || y < minY || y > maxY) {
            return false;
        }
        boolean inside = false;
        for (int i = 0; i < ax.length; i++) {
            if (ay[i] > y != by[i] > y && x < (bx[i] - ax[i]) * (y - ay[i]) / (by[i] - ay[i]) + ax[i]) {
                inside = !inside;
            }
        }
        return inside;
    }

    double distanceToEdge(double x, double y) {
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ax.length; i++) {
            double dx = bx[i] - ax[i];
            double dy = by[i] - ay[i];
            double length = dx * dx + dy * dy;
            double t = length == 0 ? 0 : Math.clamp(((x - ax[i]) * dx + (y - ay[i]) * dy) / length, 0, 1);
            double ex = ax[i] + t * dx - x;
            double ey = ay[i] + t * dy - y;
            nearest = Math.min(nearest, ex * ex + ey * ey);
        }
        return Math.sqrt(nearest);
    }
}

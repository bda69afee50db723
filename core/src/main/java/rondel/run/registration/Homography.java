package rondel.run.registration;

import java.util.List;
import rondel.geometry.Point;

/** A map of the plane that keeps straight lines straight: what a camera makes of a flat sheet. By eight figures; the ninth is 1. */
public record Homography(double a, double b, double c, double d, double e, double f, double g, double h) {

    public static final Homography IDENTITY = new Homography(1, 0, 0, 0, 1, 0, 0, 0);

    static final int FIGURES = 8;

    public Point apply(Point p) {
        double w = g * p.x() + h * p.y() + 1;
        return new Point((a * p.x() + b * p.y() + c) / w, (d * p.x() + e * p.y() + f) / w);
    }

    /** How much larger lengths are at a place, in the mean of all directions. */
    public double scaleAt(Point p) {
        double step = 0.5;
        Point x0 = apply(new Point(p.x() - step, p.y()));
        Point x1 = apply(new Point(p.x() + step, p.y()));
        Point y0 = apply(new Point(p.x(), p.y() - step));
        Point y1 = apply(new Point(p.x(), p.y() + step));
        double det = (x1.x() - x0.x()) * (y1.y() - y0.y()) - (x1.y() - x0.y()) * (y1.x() - y0.x());
        return Math.sqrt(Math.abs(det));
    }

    /** Whether it mirrors at a place. */
    boolean mirrorsAt(Point p) {
        Point o = apply(p);
        Point x = apply(new Point(p.x() + 1, p.y()));
        Point y = apply(new Point(p.x(), p.y() + 1));
        return (x.x() - o.x()) * (y.y() - o.y()) - (x.y() - o.y()) * (y.x() - o.x()) < 0;
    }

    double[] figures() {
        return new double[] {a, b, c, d, e, f, g, h};
    }

    static Homography of(double[] v) {
        return new Homography(v[0], v[1], v[2], v[3], v[4], v[5], v[6], v[7]);
    }

    /** The map that takes four points, of which no three are on a line, to four others (direct linear transformation; Hartley and Zisserman,
     *  Multiple View Geometry, 4.1). */
    static Homography of(List<Point> from, List<Point> to) {
        double[][] m = new double[FIGURES][];
        double[] right = new double[FIGURES];
        for (int i = 0; i < 4; i++) {
            double x = from.get(i).x();
            double y = from.get(i).y();
            double u = to.get(i).x();
            double v = to.get(i).y();
            m[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y};
            m[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y};
            right[2 * i] = u;
            right[2 * i + 1] = v;
        }
        return of(LinearSystem.solved(m, right));
    }
}

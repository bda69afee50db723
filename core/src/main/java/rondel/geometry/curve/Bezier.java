package rondel.geometry.curve;

import java.util.Arrays;
import rondel.geometry.Box;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;

/** One segment of a contour: a line, a quadratic or a cubic Bézier curve, by its control points. */
public final class Bezier {

    private final double[] c;

    /** @param controls x and y of two, three or four control points */
    public Bezier(double... controls) {
        c = controls;
    }

    public static Bezier line(Point from, Point to) {
        return new Bezier(from.x(), from.y(), to.x(), to.y());
    }

    /** 1 for a line, 2 for a quadratic, 3 for a cubic. */
    public int order() {
        return c.length / 2 - 1;
    }

    public double startX() {
        return c[0];
    }

    public double startY() {
        return c[1];
    }

    public double endX() {
        return c[c.length - 2];
    }

    public double endY() {
        return c[c.length - 1];
    }

    public Point start() {
        return new Point(c[0], c[1]);
    }

    public Point end() {
        return new Point(endX(), endY());
    }

    /** The control point of a number from 0. */
    public Point control(int i) {
        return new Point(c[2 * i], c[2 * i + 1]);
    }

    /** Whether all its control points are one. */
    public boolean isPoint() {
        for (int i = 2; i < c.length; i += 2) {
            if (c[i] != c[0] || c[i + 1] != c[1]) {
                return false;
            }
        }
        return true;
    }

    public Point at(double t) {
        return new Point(coordinate(0, t), coordinate(1, t));
    }

    /** x for {@code axis} 0, y for 1, at t. */
    public double coordinate(int axis, double t) {
        double u = 1 - t;
        return switch (order()) {
            case 1 -> u * c[axis] + t * c[axis + 2];
            case 2 -> u * u * c[axis] + 2 * u * t * c[axis + 2] + t * t * c[axis + 4];
            default ->
                u * u * u * c[axis]
                        + 3 * u * u * t * c[axis + 2]
                        + 3 * u * t * t * c[axis + 4]
                        + t * t * t * c[axis + 6];
        };
    }

    /** The derivative along an axis at t. */
    public double slope(int axis, double t) {
        double u = 1 - t;
        return switch (order()) {
            case 1 -> c[axis + 2] - c[axis];
            case 2 -> 2 * (u * (c[axis + 2] - c[axis]) + t * (c[axis + 4] - c[axis + 2]));
            default ->
                3
                        * (u * u * (c[axis + 2] - c[axis])
                                + 2 * u * t * (c[axis + 4] - c[axis + 2])
                                + t * t * (c[axis + 6] - c[axis + 4]));
        };
    }

    /** The direction at t, of length 1; at an end where a control point lies on it, the one it has just beside. */
    public Point tangent(double t) {
        double dx = slope(0, t);
        double dy = slope(1, t);
        double length = Math.hypot(dx, dy);
        if (length < 1e-12) {
            double beside = t < 0.5 ? t + 1e-4 : t - 1e-4;
            dx = slope(0, beside);
            dy = slope(1, beside);
            length = Math.max(1e-300, Math.hypot(dx, dy));
        }
        return new Point(dx / length, dy / length);
    }

    /** The angle at the corner where this ends and another begins, in degrees: 180 where it goes straight on, 0 where it turns
     *  back on itself. */
    public double cornerWith(Bezier next) {
        Point in = tangent(1);
        Point out = next.tangent(0);
        return Math.toDegrees(Math.acos(Math.clamp(-(in.x() * out.x() + in.y() * out.y()), -1, 1)));
    }

    /** The part from t0 to t1 (de Casteljau); backwards where t1 is less. */
    public Bezier part(double t0, double t1) {
        int n = order();
        if (t0 == 0 && t1 == 1) {
            return this;
        }
        double[] part = new double[c.length];
        for (int axis = 0; axis < 2; axis++) {
            for (int i = 0; i <= n; i++) {
                part[2 * i + axis] = blossom(axis, n, i, t0, t1);
            }
        }
        return new Bezier(part);
    }

    /** The polar form with n - i arguments t0 and i arguments t1. */
    private double blossom(int axis, int n, int i, double t0, double t1) {
        double[] p = new double[n + 1];
        for (int k = 0; k <= n; k++) {
            p[k] = c[2 * k + axis];
        }
        for (int level = 1; level <= n; level++) {
            double t = level <= n - i ? t0 : t1;
            for (int k = 0; k <= n - level; k++) {
                p[k] = (1 - t) * p[k] + t * p[k + 1];
            }
        }
        return p[0];
    }

    public Bezier reversed() {
        double[] r = new double[c.length];
        for (int i = 0; i < c.length; i += 2) {
            r[c.length - 2 - i] = c[i];
            r[c.length - 1 - i] = c[i + 1];
        }
        return new Bezier(r);
    }

    /** The same curve with other ends, its handles moved along with them. */
    public Bezier between(Point start, Point end) {
        double[] m = c.clone();
        double sx = start.x() - c[0];
        double sy = start.y() - c[1];
        double ex = end.x() - endX();
        double ey = end.y() - endY();
        m[0] = start.x();
        m[1] = start.y();
        m[m.length - 2] = end.x();
        m[m.length - 1] = end.y();
        if (order() == 2) {
            m[2] += (sx + ex) / 2;
            m[3] += (sy + ey) / 2;
        } else if (order() == 3) {
            m[2] += sx;
            m[3] += sy;
            m[4] += ex;
            m[5] += ey;
        }
        return new Bezier(m);
    }

    /** Into how many equal steps of t it is cut so that chords stay within a distance of it: from the bound on the second
     *  derivative. */
    public int steps(double tolerance) {
        double bend = 0;
        for (int i = 0; i + 2 <= order(); i++) {
            bend = Math.max(
                    bend,
                    Math.hypot(
                            c[2 * i] - 2 * c[2 * i + 2] + c[2 * i + 4],
                            c[2 * i + 1] - 2 * c[2 * i + 3] + c[2 * i + 5]));
        }
        double factor = order() == 2 ? 0.25 : 0.75;
        return order() == 1 ? 1 : (int) Math.clamp(Math.ceil(Math.sqrt(factor * bend / tolerance)), 1, 10_000);
    }

    /** The length of the polygon of its control points: never shorter than the curve. */
    public double controlLength() {
        double length = 0;
        for (int i = 0; i + 2 < c.length; i += 2) {
            length += Math.hypot(c[i + 2] - c[i], c[i + 3] - c[i + 1]);
        }
        return length;
    }

    /** The area under it to the origin, signed: the sum over a closed contour is its area, exactly. */
    public double area() {
        return switch (order()) {
            case 1 -> (c[0] * c[3] - c[2] * c[1]) / 2;
            case 2 -> (2 * cross(0, 1) + 2 * cross(1, 2) + cross(0, 2)) / 6;
            default ->
                (6 * cross(0, 1) + 3 * cross(0, 2) + cross(0, 3) + 3 * cross(1, 2) + 3 * cross(1, 3) + 6 * cross(2, 3))
                        / 20;
        };
    }

    private double cross(int i, int j) {
        return c[2 * i] * c[2 * j + 1] - c[2 * j] * c[2 * i + 1];
    }

    /** The box of its control points. */
    public Box hull() {
        double minX = c[0];
        double minY = c[1];
        double maxX = c[0];
        double maxY = c[1];
        for (int i = 2; i < c.length; i += 2) {
            minX = Math.min(minX, c[i]);
            maxX = Math.max(maxX, c[i]);
            minY = Math.min(minY, c[i + 1]);
            maxY = Math.max(maxY, c[i + 1]);
        }
        return Box.between(minX, minY, maxX, maxY);
    }

    /** Adds it to a contour that has come to its start. */
    public void addTo(OutlineBuilder builder) {
        switch (order()) {
            case 1 -> builder.lineTo(c[2], c[3]);
            case 2 -> builder.quadTo(c[2], c[3], c[4], c[5]);
            default -> builder.cubicTo(c[2], c[3], c[4], c[5], c[6], c[7]);
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Bezier b && Arrays.equals(c, b.c);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(c);
    }

    @Override
    public String toString() {
        return "Bezier" + Arrays.toString(c);
    }
}

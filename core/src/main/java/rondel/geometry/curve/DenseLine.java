package rondel.geometry.curve;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/** Dense points with the length along them; indices run on round a closed line. */
final class DenseLine {
    private final List<Point> points;
    final boolean closed;
    final int n;
    private final double[] along;
    private final double whole;

    DenseLine(List<Point> points, boolean closed) {
        this.points = points;
        this.closed = closed;
        this.n = points.size();
        this.along = new double[n + 1];
        for (int i = 1; i <= n; i++) {
            along[i] = along[i - 1] + points.get(i - 1).distanceTo(points.get(i % n));
        }
        this.whole = along[n];
    }

    Point at(int i) {
        return points.get(i % n);
    }

    double length(int from, int to) {
        return place(to) - place(from);
    }

    private double place(int i) {
        return i / n * whole + along[i % n];
    }

    /** Shares of the length, from 0 to 1. */
    double[] parameters(int from, int to) {
        double[] u = new double[to - from + 1];
        double length = length(from, to);
        for (int i = from; i <= to; i++) {
            u[i - from] = length(from, i) / length;
        }
        u[u.length - 1] = 1;
        return u;
    }

    /** The place a length before or after a point, along the line. */
    private Point off(int i, double length) {
        int step = length < 0 ? -1 : 1;
        double left = Math.abs(length);
        int at = i;
        while (true) {
            int next = at + step;
            if (!closed && (next < 0 || next >= n)) {
                return at(at);
            }
            Point a = points.get(Math.floorMod(at, n));
            Point b = points.get(Math.floorMod(next, n));
            int chord = Math.floorMod(Math.min(at, next), n);
            double d = along[chord + 1] - along[chord];
            if (d >= left) {
                double share = d == 0 ? 0 : left / d;
                return new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
            }
            left -= d;
            at = next;
            if (Math.abs(at - i) > n) {
                return a;
            }
        }
    }

    private static Point unit(Point a, Point b) {
        double d = a.distanceTo(b);
        return d == 0 ? new Point(1, 0) : new Point((b.x() - a.x()) / d, (b.y() - a.y()) / d);
    }

    /** The same with corners where their two sides, gone on straight, meet: sampling has rounded them. */
    DenseLine sharpened(List<Integer> corners, double reach, double furthest) {
        if (corners.isEmpty()) {
            return this;
        }
        List<Point> sharp = new ArrayList<>(points);
        for (int i : corners) {
            Point a = off(i, -0.5 * reach);
            Point b = off(i, 0.5 * reach);
            Point in = unit(off(i, -1.5 * reach), a);
            Point out = unit(off(i, 1.5 * reach), b);
            double cross = in.x() * out.y() - in.y() * out.x();
            if (Math.abs(cross) > 0.2) {
                double t = ((b.x() - a.x()) * out.y() - (b.y() - a.y()) * out.x()) / cross;
                Point meet = new Point(a.x() + t * in.x(), a.y() + t * in.y());
                if (t > 0 && meet.distanceTo(at(i)) <= furthest) {
                    sharp.set(i, meet);
                }
            }
        }
        return new DenseLine(sharp, closed);
    }

    Point ahead(int i, double reach) {
        return unit(at(i), off(i, reach));
    }

    /** The direction back from a point. */
    Point behind(int i, double reach) {
        return unit(at(i), off(i, -reach));
    }

    Point tangent(int i, double reach) {
        return unit(off(i, -reach), off(i, reach));
    }

    double turn(int i, double reach) {
        Point in = unit(off(i, -reach), at(i));
        Point out = ahead(i, reach);
        return Math.abs(Math.atan2(in.x() * out.y() - in.y() * out.x(), in.x() * out.x() + in.y() * out.y()));
    }

    boolean isSharpest(int i, double[] turns, double reach) {
        for (int step = -1; step <= 1; step += 2) {
            double gone = 0;
            for (int k = 1; k < n; k++) {
                int j = i + step * k;
                if (!closed && (j < 0 || j >= n)) {
                    break;
                }
                gone += points.get(Math.floorMod(j, n)).distanceTo(points.get(Math.floorMod(j - step, n)));
                if (gone > reach) {
                    break;
                }
                double other = turns[Math.floorMod(j, n)];
                if (other > turns[i] || other == turns[i] && step < 0) {
                    return false;
                }
            }
        }
        return true;
    }
}

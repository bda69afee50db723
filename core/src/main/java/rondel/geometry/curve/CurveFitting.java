package rondel.geometry.curve;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/**
 * Cubic curves through dense points, within a tolerance: corners are found first, by how much the line turns over a length
 * about each point; between them Schneider's method (An Algorithm for Automatically Fitting Digitized Curves, Graphics Gems
 * I, 1990) fits by least squares, reparametrises, and splits where it is furthest off, with one tangent at each split.
 *
 * @param tolerance how far curves may lie from the points, in mm
 * @param cornerAngle from how much of a turn on a place is a corner, in degrees
 * @param cornerLength over which length on either side a turn is measured, in mm
 */
public record CurveFitting(double tolerance, double cornerAngle, double cornerLength) {

    private static final int ROUNDS = 6;

    /** How many tolerances further out than the points a corner may be, where its sides meet. */
    private static final double SHARPENING = 2;

    /** @param points of a closed line, the first not repeated at the end; at least three
     *  @return a closed contour through them */
    public Contour closed(List<Point> points) {
        DenseLine dense = new DenseLine(between(points, true), true);
        List<Integer> corners = corners(dense);
        DenseLine line = dense.sharpened(corners, cornerLength, SHARPENING * tolerance);
        List<Bezier> curves = new ArrayList<>();
        boolean smooth = corners.isEmpty();
        List<Integer> splits = smooth ? List.of(0) : corners;
        for (int i = 0; i < splits.size(); i++) {
            int from = splits.get(i);
            int to = i + 1 < splits.size() ? splits.get(i + 1) : splits.getFirst() + line.n;
            Point start = smooth ? line.tangent(from, reach()) : line.ahead(from, reach());
            Point end = smooth ? back(line.tangent(from, reach())) : line.behind(to, reach());
            if (!smooth && isStraight(line, from, to, tolerance)) {
                curves.add(Bezier.line(line.at(from), line.at(to)));
            } else {
                fit(line, from, to, start, end, curves);
            }
        }
        return new Contour(curves, true);
    }

    /** @param points of an open line, at least two */
    public List<Bezier> open(List<Point> points) {
        DenseLine line = new DenseLine(between(points, false), false);
        List<Integer> splits = new ArrayList<>(List.of(0));
        splits.addAll(corners(line));
        splits.add(line.n - 1);
        List<Bezier> curves = new ArrayList<>();
        for (int i = 0; i + 1 < splits.size(); i++) {
            int from = splits.get(i);
            int to = splits.get(i + 1);
            fit(line, from, to, line.ahead(from, reach()), line.behind(to, reach()), curves);
        }
        return curves;
    }

    /** Long chords get points between, so that a fit keeps to them. */
    private List<Point> between(List<Point> points, boolean closed) {
        List<Point> all = new ArrayList<>();
        int chords = closed ? points.size() : points.size() - 1;
        for (int i = 0; i < chords; i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            int parts = (int) Math.clamp(Math.ceil(a.distanceTo(b) / cornerLength), 1, 256);
            for (int k = 0; k < parts; k++) {
                double share = (double) k / parts;
                all.add(new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
            }
        }
        if (!closed) {
            all.add(points.getLast());
        }
        return all;
    }

    private double reach() {
        return Math.max(cornerLength, 2 * tolerance);
    }

    private static Point back(Point p) {
        return new Point(-p.x(), -p.y());
    }

    /** Points where the line turns by more than the angle, each the sharpest of those near it. */
    private List<Integer> corners(DenseLine line) {
        double[] turns = new double[line.n];
        for (int i = 0; i < line.n; i++) {
            turns[i] = line.closed || i > 0 && i < line.n - 1 ? line.turn(i, cornerLength) : 0;
        }
        List<Integer> corners = new ArrayList<>();
        double least = Math.toRadians(cornerAngle);
        for (int i = 0; i < line.n; i++) {
            if (turns[i] >= least && line.isSharpest(i, turns, cornerLength)) {
                corners.add(i);
            }
        }
        return corners;
    }

    private void fit(DenseLine line, int from, int to, Point start, Point end, List<Bezier> curves) {
        int count = to - from + 1;
        Point a = line.at(from);
        Point b = line.at(to);
        double chord = a.distanceTo(b);
        if (count == 2) {
            curves.add(Bezier.line(a, b));
            return;
        }
        if (isStraight(line, from, to, tolerance / 4)) {
            curves.add(Bezier.line(a, b));
            return;
        }
        double[] u = line.parameters(from, to);
        Bezier curve = leastSquares(line, from, to, u, start, end, chord);
        Deviation worst = furthest(line, from, to, u, curve);
        for (int round = 0;
                round < ROUNDS && worst.distance() > tolerance && worst.distance() < 16 * tolerance;
                round++) {
            reparametrise(line, from, u, curve);
            curve = leastSquares(line, from, to, u, start, end, chord);
            worst = furthest(line, from, to, u, curve);
        }
        if (worst.distance() <= tolerance) {
            curves.add(curve);
            return;
        }
        int split = Math.clamp(worst.index(), from + 1, to - 1);
        Point tangent = line.tangent(split, reach());
        fit(line, from, split, start, back(tangent), curves);
        fit(line, split, to, tangent, end, curves);
    }

    /** Whether a line from one point to another stays near all between. */
    private static boolean isStraight(DenseLine line, int from, int to, double near) {
        Point a = line.at(from);
        Point b = line.at(to);
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double length = Math.hypot(dx, dy);
        if (length < 1e-9) {
            return false;
        }
        for (int i = from + 1; i < to; i++) {
            Point p = line.at(i);
            if (Math.abs((p.x() - a.x()) * dy - (p.y() - a.y()) * dx) > near * length) {
                return false;
            }
        }
        return true;
    }

    /** The lengths of the two handles that bring the curve nearest to the points. */
    private static Bezier leastSquares(
            DenseLine line, int from, int to, double[] u, Point start, Point end, double chord) {
        Point a = line.at(from);
        Point b = line.at(to);
        double c00 = 0;
        double c01 = 0;
        double c11 = 0;
        double x0 = 0;
        double x1 = 0;
        double dot = start.x() * end.x() + start.y() * end.y();
        for (int i = from; i <= to; i++) {
            double t = u[i - from];
            double s = 1 - t;
            double b0 = s * s * s;
            double b1 = 3 * s * s * t;
            double b2 = 3 * s * t * t;
            double b3 = t * t * t;
            Point p = line.at(i);
            double rx = p.x() - (a.x() * (b0 + b1) + b.x() * (b2 + b3));
            double ry = p.y() - (a.y() * (b0 + b1) + b.y() * (b2 + b3));
            c00 += b1 * b1;
            c01 += b1 * b2 * dot;
            c11 += b2 * b2;
            x0 += b1 * (start.x() * rx + start.y() * ry);
            x1 += b2 * (end.x() * rx + end.y() * ry);
        }
        double det = c00 * c11 - c01 * c01;
        double left = det == 0 ? 0 : (x0 * c11 - x1 * c01) / det;
        double right = det == 0 ? 0 : (c00 * x1 - c01 * x0) / det;
        double least = 1e-3 * chord;
        double along = line.length(from, to);
        if (!(left > least && right > least) || left > 3 * along || right > 3 * along) {
            left = along / 3;
            right = along / 3;
        }
        return new Bezier(
                a.x(),
                a.y(),
                a.x() + left * start.x(),
                a.y() + left * start.y(),
                b.x() + right * end.x(),
                b.y() + right * end.y(),
                b.x(),
                b.y());
    }

    /** The point that lies furthest from a curve.
     *
     * @param distance of it, in mm
     * @param index of it in its line */
    private record Deviation(double distance, int index) {}

    private static Deviation furthest(DenseLine line, int from, int to, double[] u, Bezier curve) {
        double most = 0;
        int at = (from + to) / 2;
        for (int i = from + 1; i < to; i++) {
            Point p = line.at(i);
            double dx = curve.coordinate(0, u[i - from]) - p.x();
            double dy = curve.coordinate(1, u[i - from]) - p.y();
            if (dx * dx + dy * dy > most) {
                most = dx * dx + dy * dy;
                at = i;
            }
        }
        return new Deviation(Math.sqrt(most), at);
    }

    /** Brings each parameter nearer to the foot of its point, by a step of Newton's method. */
    private static void reparametrise(DenseLine line, int from, double[] u, Bezier curve) {
        for (int i = 1; i < u.length - 1; i++) {
            Point p = line.at(from + i);
            double t = u[i];
            double dx = curve.coordinate(0, t) - p.x();
            double dy = curve.coordinate(1, t) - p.y();
            double sx = curve.slope(0, t);
            double sy = curve.slope(1, t);
            double square = sx * sx + sy * sy;
            if (square > 1e-18) {
                u[i] = Math.clamp(t - (dx * sx + dy * sy) / square, 0, 1);
            }
        }
    }
}

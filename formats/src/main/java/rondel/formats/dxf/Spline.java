package rondel.formats.dxf;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;

/** A B-spline as Bézier curves: each knot is put in until it is there as often as the degree (Boehm 1980). Weighted ones, and those of a degree
 *  above three, are followed by cubic curves through their places and directions, as close as half a thousandth of a millimetre. */
final class Spline {

    private static final double OFF = 0.0005;
    private static final int MOST_HALVINGS = 12;
    private static final double SAME = 1e-12;
    private static final int HIGHEST = 25;

    private final int degree;
    private final double[] knots;
    private final double[][] controls;

    /** @param controls x, y and weight of each */
    Spline(int degree, double[] knots, double[][] controls) {
        this.degree = degree;
        this.knots = knots;
        this.controls = controls;
    }

    /** Whether its figures fit each other. */
    boolean isWhole() {
        boolean rising = true;
        for (int i = 1; i < knots.length; i++) {
            rising &= knots[i] >= knots[i - 1];
        }
        return degree >= 1
                && degree <= HIGHEST
                && controls.length > degree
                && knots.length == controls.length + degree + 1
                && rising
                && knots[controls.length] > knots[degree];
    }

    /** The curves, one after the other. */
    List<Bezier> curves() {
        boolean plain = degree <= 3;
        for (double[] c : controls) {
            plain &= Math.abs(c[2] - controls[0][2]) < SAME;
        }
        List<Bezier> all = new ArrayList<>();
        double from = knots[degree];
        double end = knots[controls.length];
        for (int i = degree; i < controls.length; i++) {
            double a = Math.max(from, knots[i]);
            double b = Math.min(end, knots[i + 1]);
            if (b - a > SAME * Math.max(1, Math.abs(end - from))) {
                if (plain) {
                    all.add(piece(i, a, b));
                } else {
                    follow(a, b, 0, all);
                }
            }
        }
        return all;
    }

    /** The Bézier curve of one span, by blossoms. */
    private Bezier piece(int span, double a, double b) {
        double[] c = new double[2 * (degree + 1)];
        for (int k = 0; k <= degree; k++) {
            double[] arguments = new double[degree];
            for (int i = 0; i < degree; i++) {
                arguments[i] = i < degree - k ? a : b;
            }
            double[] p = blossom(span, arguments);
            c[2 * k] = p[0];
            c[2 * k + 1] = p[1];
        }
        return new Bezier(c);
    }

    /** The polar form of the span that a knot begins, by de Boor's algorithm with an argument for each step. */
    private double[] blossom(int span, double[] arguments) {
        double[][] d = new double[degree + 1][];
        for (int i = 0; i <= degree; i++) {
            double[] c = controls[span - degree + i];
            d[i] = new double[] {c[0] * c[2], c[1] * c[2], c[2]};
        }
        for (int r = 1; r <= degree; r++) {
            double t = arguments[r - 1];
            for (int i = degree; i >= r; i--) {
                double low = knots[span - degree + i];
                double high = knots[span + 1 + i - r];
                double share = high == low ? 0 : (t - low) / (high - low);
                for (int k = 0; k < 3; k++) {
                    d[i][k] = (1 - share) * d[i - 1][k] + share * d[i][k];
                }
            }
        }
        double w = d[degree][2];
        return new double[] {d[degree][0] / w, d[degree][1] / w};
    }

    private Point at(double t) {
        int span = degree;
        while (span < controls.length - 1 && t >= knots[span + 1]) {
            span++;
        }
        double[] arguments = new double[degree];
        java.util.Arrays.fill(arguments, t);
        double[] p = blossom(span, arguments);
        return new Point(p[0], p[1]);
    }

    private void follow(double a, double b, int halvings, List<Bezier> to) {
        double h = (b - a) * 1e-5;
        Point p = at(a);
        Point q = at(b - (b - a) * 1e-12);
        Point p1 = at(a + h);
        Point q1 = at(b - h);
        double k = (b - a) / h / 3;
        Bezier cubic = new Bezier(
                p.x(),
                p.y(),
                p.x() + (p1.x() - p.x()) * k,
                p.y() + (p1.y() - p.y()) * k,
                q.x() - (q.x() - q1.x()) * k,
                q.y() - (q.y() - q1.y()) * k,
                q.x(),
                q.y());
        double off = 0;
        for (int i = 1; i < 8; i++) {
            off = Math.max(off, cubic.at(i / 8.0).distanceTo(at(a + (b - a) * i / 8)));
        }
        if (off > OFF && halvings < MOST_HALVINGS) {
            follow(a, (a + b) / 2, halvings + 1, to);
            follow((a + b) / 2, b, halvings + 1, to);
        } else {
            to.add(cubic);
        }
    }
}

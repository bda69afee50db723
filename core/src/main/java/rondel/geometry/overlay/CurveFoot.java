package rondel.geometry.overlay;

import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;

/** Places on curves: the one nearest to a point, and where two curves cross. */
public final class CurveFoot {

    private static final int ROUNDS = 8;

    private CurveFoot() {}

    /** The t of the place on a curve that is nearest to a point close to it: the nearest of its chords, then the method of Gauss
     *  and Newton, which settles as long as the point is nearer than the curve bends.
     *
     * @param steps the number of chords to look at */
    public static double of(Bezier curve, double x, double y, int steps) {
        double best = Double.POSITIVE_INFINITY;
        double t = 0;
        double ax = curve.startX();
        double ay = curve.startY();
        for (int i = 1; i <= steps; i++) {
            double bx = i == steps ? curve.endX() : curve.coordinate(0, (double) i / steps);
            double by = i == steps ? curve.endY() : curve.coordinate(1, (double) i / steps);
            double dx = bx - ax;
            double dy = by - ay;
            double square = dx * dx + dy * dy;
            double along = square == 0 ? 0 : Math.clamp(((x - ax) * dx + (y - ay) * dy) / square, 0, 1);
            double px = ax + along * dx - x;
            double py = ay + along * dy - y;
            double distance = px * px + py * py;
            if (distance < best) {
                best = distance;
                t = (i - 1 + along) / steps;
            }
            ax = bx;
            ay = by;
        }
        return curve.order() == 1 ? t : refined(curve, x, y, t);
    }

    /** The t nearest to a point close to the curve, by the method of Gauss and Newton from one that is near it. */
    static double refined(Bezier curve, double x, double y, double start) {
        double t = start;
        for (int i = 0; i < 3; i++) {
            double sx = curve.slope(0, t);
            double sy = curve.slope(1, t);
            double square = sx * sx + sy * sy;
            if (square < 1e-18) {
                return start;
            }
            t += ((x - curve.coordinate(0, t)) * sx + (y - curve.coordinate(1, t)) * sy) / square;
            if (!(Math.abs(t - start) < 0.1)) {
                return start;
            }
        }
        return Math.clamp(t, 0, 1);
    }

    /** Where two curves cross near two places on them: by Newton's method in both parameters; nothing where it does not
     *  settle within a distance of where it began.
     *
     * @return the two parameters and the place */
    static Crossing crossing(Bezier a, double ta, Bezier b, double tb, double reach) {
        double t = ta;
        double u = tb;
        Point began = a.at(ta);
        for (int i = 0; i < ROUNDS; i++) {
            double fx = a.coordinate(0, t) - b.coordinate(0, u);
            double fy = a.coordinate(1, t) - b.coordinate(1, u);
            double ax = a.slope(0, t);
            double ay = a.slope(1, t);
            double bx = b.slope(0, u);
            double by = b.slope(1, u);
            double det = -ax * by + bx * ay;
            if (Math.abs(fx) + Math.abs(fy) < 1e-13) {
                break;
            }
            if (Math.abs(det) < 1e-9 * (Math.hypot(ax, ay) * Math.hypot(bx, by) + 1e-300)) {
                return null;
            }
            t -= (-fx * by + bx * fy) / det;
            u -= (ax * fy - ay * fx) / det;
            if (!(t >= -1e-9 && t <= 1 + 1e-9 && u >= -1e-9 && u <= 1 + 1e-9)) {
                return null;
            }
        }
        t = Math.clamp(t, 0, 1);
        u = Math.clamp(u, 0, 1);
        Point place = a.at(t);
        boolean settled = place.distanceTo(b.at(u)) < 1e-9 && place.distanceTo(began) <= reach;
        return settled ? new Crossing(t, u, place) : null;
    }

    /** @param t on the first curve
     *  @param u on the second */
    record Crossing(double t, double u, Point place) {}
}

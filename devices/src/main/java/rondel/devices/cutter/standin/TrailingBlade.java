package rondel.devices.cutter.standin;

import java.util.function.Consumer;
import rondel.geometry.Point;

/** The tip of a blade that swivels freely and trails behind the middle of its holder: while the middle goes straight, the angle φ between
 *  blade and way shrinks by tan(φ/2) = tan(φ₀/2) exp(−s/d), the tractrix of Huygens (1692), which is followed exactly. A lifted blade keeps
 *  its direction. */
final class TrailingBlade {

    /** How far apart places of the tip are told while it turns, in mm. */
    private static final double SPACING = 0.02;

    /** An angle below which it goes straight, in radians. */
    private static final double STRAIGHT = 1e-4;

    private final double offset;
    private double heading;
    private Point middle = new Point(0, 0);

    /** @param offset how far the tip trails, in mm; 0 for a tool that is its own tip
     *  @param heading where it points to begin with, in radians */
    TrailingBlade(double offset, double heading) {
        this.offset = offset;
        this.heading = heading;
    }

    Point tip() {
        return new Point(middle.x() - offset * Math.cos(heading), middle.y() - offset * Math.sin(heading));
    }

    double heading() {
        return heading;
    }

    Point middle() {
        return middle;
    }

    /** Goes somewhere with the blade lifted. */
    void lifted(Point to) {
        middle = to;
    }

    /** Goes somewhere with the blade in the material.
     *
     * @param tips hears of the places that the tip comes to, the last included */
    void lowered(Point to, Consumer<Point> tips) {
        double length = middle.distanceTo(to);
        if (length == 0) {
            return;
        }
        double way = Math.atan2(to.y() - middle.y(), to.x() - middle.x());
        double angle = normal(heading - way);
        if (offset == 0 || Math.abs(angle) < STRAIGHT) {
            middle = to;
            heading = offset == 0 ? way : way + angle * Math.exp(-length / offset);
            tips.accept(tip());
            return;
        }
        Point from = middle;
        double half = Math.tan(angle / 2);
        int steps = (int) Math.ceil(Math.min(length, 12 * offset) / SPACING);
        for (int k = 1; k <= steps; k++) {
            double s = Math.min(length, 12 * offset) * k / steps;
            at(from, way, half, s);
            tips.accept(tip());
        }
        if (length > 12 * offset) {
            at(from, way, half, length);
            tips.accept(tip());
        }
        middle = to;
    }

    private void at(Point from, double way, double half, double s) {
        heading = way + 2 * Math.atan(half * Math.exp(-s / offset));
        middle = new Point(from.x() + s * Math.cos(way), from.y() + s * Math.sin(way));
    }

    private static double normal(double angle) {
        return Math.IEEEremainder(angle, 2 * Math.PI);
    }
}

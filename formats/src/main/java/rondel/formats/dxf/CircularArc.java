package rondel.formats.dxf;

import java.util.Optional;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;

/** A segment as an arc of a circle, where it is one but for what cubic curves are off a circle anyway.
 *
 * @param centre of the circle
 * @param from the angle it begins at, in radians, y as given
 * @param sweep how far it goes, in radians; its sign is its direction */
record CircularArc(Point centre, double radius, double from, double sweep) {

    /** How far off a circle a segment may be, in mm. */
    private static final double OFF = 2e-4;

    private static final double LARGEST = 1e5;
    private static final double LONGEST = Math.toRadians(100);

    static Optional<CircularArc> of(Bezier b) {
        if (b.order() == 1) {
            return Optional.empty();
        }
        Point a = b.start();
        Point m = b.at(0.5);
        Point c = b.end();
        double d = 2 * (a.x() * (m.y() - c.y()) + m.x() * (c.y() - a.y()) + c.x() * (a.y() - m.y()));
        if (Math.abs(d) < 1e-12) {
            return Optional.empty();
        }
        double a2 = a.x() * a.x() + a.y() * a.y();
        double m2 = m.x() * m.x() + m.y() * m.y();
        double c2 = c.x() * c.x() + c.y() * c.y();
        Point centre = new Point(
                (a2 * (m.y() - c.y()) + m2 * (c.y() - a.y()) + c2 * (a.y() - m.y())) / d,
                (a2 * (c.x() - m.x()) + m2 * (a.x() - c.x()) + c2 * (m.x() - a.x())) / d);
        double radius = centre.distanceTo(a);
        if (!(radius < LARGEST)) {
            return Optional.empty();
        }
        for (int i = 1; i < 8; i++) {
            if (Math.abs(b.at(i / 8.0).distanceTo(centre) - radius) > OFF) {
                return Optional.empty();
            }
        }
        double from = Math.atan2(a.y() - centre.y(), a.x() - centre.x());
        double half = Math.IEEEremainder(Math.atan2(m.y() - centre.y(), m.x() - centre.x()) - from, 2 * Math.PI);
        double sweep = Math.IEEEremainder(Math.atan2(c.y() - centre.y(), c.x() - centre.x()) - from, 2 * Math.PI);
        boolean same = half * sweep > 0 && Math.abs(sweep) > Math.abs(half) && Math.abs(sweep) < LONGEST;
        return same ? Optional.of(new CircularArc(centre, radius, from, sweep)) : Optional.empty();
    }

    /** What a polyline's vertex says of the arc to the next: the tangent of a quarter of the sweep. */
    double bulge() {
        return Math.tan(sweep / 4);
    }
}

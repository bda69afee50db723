package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** How a line goes through a point: straight on, or round a corner. */
final class PointShape {

    /** How far handles reach that a smooth point gets, as a share of the stretch: a cubic's that follows a circle is about that. */
    private static final double REACH = 1.0 / 3;

    private PointShape() {}

    static Bezier cubic(Point start, Point first, Point second, Point end) {
        return new Bezier(start.x(), start.y(), first.x(), first.y(), second.x(), second.y(), end.x(), end.y());
    }

    /** The same curve as a cubic (raising of the degree). */
    static Bezier cubic(Bezier b) {
        Point s = b.start();
        Point e = b.end();
        return switch (b.order()) {
            case 1 -> cubic(s, between(s, e, REACH), between(s, e, 1 - REACH), e);
            case 2 -> cubic(s, between(s, b.control(1), 2.0 / 3), between(e, b.control(1), 2.0 / 3), e);
            default -> b;
        };
    }

    /** One stretch in the place of two: it leaves and arrives as they did, with handles for the whole length. */
    static Bezier joined(Bezier a, Bezier b) {
        if (a.order() == 1 && b.order() == 1) {
            return Bezier.line(a.start(), b.end());
        }
        Bezier first = cubic(a);
        Bezier second = cubic(b);
        double la = first.controlLength();
        double lb = second.controlLength();
        double share = la / Math.max(1e-300, la + lb);
        // Handles of the two halves of a cubic are as long as its own, times where it was cut.
        Point out = between(first.start(), first.control(1), 1 / Math.max(0.05, share));
        Point in = between(second.end(), second.control(2), 1 / Math.max(0.05, 1 - share));
        return cubic(first.start(), out, in, second.end());
    }

    /** The handles on both sides of a point in one line, as long as they were, or a third of the stretch where there was none. */
    static Contour smooth(Contour c, int point) {
        List<Bezier> segments = new ArrayList<>(c.segments());
        int n = segments.size();
        if (!c.closed() && (point == 0 || point == n)) {
            return c;
        }
        int i = Math.floorMod(point - 1, n);
        Bezier before = cubic(segments.get(i));
        Bezier after = cubic(segments.get(point % n));
        Point at = after.start();
        // The direction of the chord between the neighbours, as in Catmull and Rom's splines.
        double dx = after.end().x() - before.start().x();
        double dy = after.end().y() - before.start().y();
        double length = Math.hypot(dx, dy);
        if (length < 1e-12) {
            dx = -(before.end().y() - before.start().y());
            dy = before.end().x() - before.start().x();
            length = Math.max(1e-300, Math.hypot(dx, dy));
        }
        double in = at.distanceTo(before.control(2));
        double out = at.distanceTo(after.control(1));
        in = in > 1e-9 ? in : REACH * at.distanceTo(before.start());
        out = out > 1e-9 ? out : REACH * at.distanceTo(after.end());
        Point handleIn = at.plus(-dx / length * in, -dy / length * in);
        Point handleOut = at.plus(dx / length * out, dy / length * out);
        if (i == point % n) {
            segments.set(i, cubic(at, handleOut, handleIn, at));
        } else {
            segments.set(i, cubic(before.start(), before.control(1), handleIn, at));
            segments.set(point % n, cubic(at, handleOut, after.control(2), after.end()));
        }
        return new Contour(segments, c.closed());
    }

    /** The handles beside a point drawn in to it; a stretch whose other handle is drawn in too becomes straight. */
    static Contour corner(Contour c, int point) {
        List<Bezier> segments = new ArrayList<>(c.segments());
        int n = segments.size();
        if (point < n) {
            Bezier b = cubic(segments.get(point));
            segments.set(point, straightened(cubic(b.start(), b.start(), b.control(2), b.end())));
        }
        if (point > 0 || c.closed()) {
            int i = Math.floorMod(point - 1, n);
            Bezier b = cubic(segments.get(i));
            segments.set(i, straightened(cubic(b.start(), b.control(1), b.end(), b.end())));
        }
        return new Contour(segments, c.closed());
    }

    /** A curve whose handles lie on the line between its ends, as a line. */
    private static Bezier straightened(Bezier b) {
        double length = Math.max(1e-300, b.start().distanceTo(b.end()));
        for (int i = 1; i <= 2; i++) {
            Point p = b.control(i);
            double cross =
                    (b.endX() - b.startX()) * (p.y() - b.startY()) - (b.endY() - b.startY()) * (p.x() - b.startX());
            if (Math.abs(cross) / length > 1e-9) {
                return b;
            }
        }
        return Bezier.line(b.start(), b.end());
    }

    private static Point between(Point a, Point b, double share) {
        return new Point(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
    }
}

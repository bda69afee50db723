package rondel.geometry;

import java.util.Collection;
import java.util.Optional;

/** An axis-aligned rectangle in mm; width and height are never negative, and may be zero (a straight line has one). */
public record Box(double x, double y, double width, double height) {

    public static Box between(double x1, double y1, double x2, double y2) {
        return new Box(Math.min(x1, x2), Math.min(y1, y2), Math.abs(x2 - x1), Math.abs(y2 - y1));
    }

    public static Optional<Box> around(Collection<Box> boxes) {
        return boxes.stream().reduce(Box::union);
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public Point centre() {
        return new Point(x + width / 2, y + height / 2);
    }

    public Point at(Anchor anchor) {
        return new Point(x + width * anchor.across(), y + height * anchor.down());
    }

    public Box union(Box other) {
        return between(
                Math.min(x, other.x),
                Math.min(y, other.y),
                Math.max(right(), other.right()),
                Math.max(bottom(), other.bottom()));
    }

    public Optional<Box> intersection(Box other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        double right = Math.min(right(), other.right());
        double bottom = Math.min(bottom(), other.bottom());
        return left <= right && top <= bottom ? Optional.of(between(left, top, right, bottom)) : Optional.empty();
    }

    public boolean intersects(Box other) {
        return x <= other.right() && other.x <= right() && y <= other.bottom() && other.y <= bottom();
    }

    public boolean contains(Box other) {
        return other.x >= x && other.y >= y && other.right() <= right() && other.bottom() <= bottom();
    }

    public boolean contains(Point p) {
        return p.x() >= x && p.y() >= y && p.x() <= right() && p.y() <= bottom();
    }

    /** The box with every side moved outwards by {@code by} mm. */
    public Box grown(double by) {
        return new Box(x - by, y - by, Math.max(0, width + 2 * by), Math.max(0, height + 2 * by));
    }

    public Box moved(double dx, double dy) {
        return new Box(x + dx, y + dy, width, height);
    }

    /** The smallest box around this one's four corners after {@code affine}. */
    public Box transformed(Affine affine) {
        Point a = affine.apply(x, y);
        Point b = affine.apply(right(), y);
        Point c = affine.apply(x, bottom());
        Point d = affine.apply(right(), bottom());
        return between(
                Math.min(Math.min(a.x(), b.x()), Math.min(c.x(), d.x())),
                Math.min(Math.min(a.y(), b.y()), Math.min(c.y(), d.y())),
                Math.max(Math.max(a.x(), b.x()), Math.max(c.x(), d.x())),
                Math.max(Math.max(a.y(), b.y()), Math.max(c.y(), d.y())));
    }
}

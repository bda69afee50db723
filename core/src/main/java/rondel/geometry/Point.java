package rondel.geometry;

/** A point on a sheet or in an element's own space, in mm, y down. */
public record Point(double x, double y) {

    public static final Point ORIGIN = new Point(0, 0);

    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    public double distanceTo(Point other) {
        double dx = other.x - x;
        double dy = other.y - y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** How far the nearest place of the stretch from {@code a} to {@code b} is. */
    public double distanceTo(Point a, Point b) {
        double dx = b.x - a.x;
        double dy = b.y - a.y;
        double square = dx * dx + dy * dy;
        double t = square == 0 ? 0 : Math.clamp(((x - a.x) * dx + (y - a.y) * dy) / square, 0, 1);
        return Math.hypot(x - a.x - t * dx, y - a.y - t * dy);
    }
}

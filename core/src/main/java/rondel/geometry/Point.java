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
}

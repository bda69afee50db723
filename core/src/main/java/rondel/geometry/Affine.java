package rondel.geometry;

import java.awt.geom.AffineTransform;
import java.util.Optional;

/** An affine map: x' = a·x + c·y + e and y' = b·x + d·y + f, the order of SVG's {@code matrix(a b c d e f)}. */
public record Affine(double a, double b, double c, double d, double e, double f) {

    public static final Affine IDENTITY = new Affine(1, 0, 0, 1, 0, 0);

    public static Affine translate(double dx, double dy) {
        return new Affine(1, 0, 0, 1, dx, dy);
    }

    public static Affine scale(double sx, double sy) {
        return new Affine(sx, 0, 0, sy, 0, 0);
    }

    /** Scales about a point that stays where it is. */
    public static Affine scale(double sx, double sy, Point about) {
        return new Affine(sx, 0, 0, sy, about.x() - sx * about.x(), about.y() - sy * about.y());
    }

    /** Turns clockwise on a page with y down; quarter turns are exact. */
    public static Affine rotate(double degrees) {
        double turn = degrees % 360;
        double cos;
        double sin;
        if (turn % 90 == 0) {
            int quarters = Math.floorMod(Math.round(turn / 90), 4);
            cos = quarters == 0 ? 1 : quarters == 2 ? -1 : 0;
            sin = quarters == 1 ? 1 : quarters == 3 ? -1 : 0;
        } else {
            cos = Math.cos(Math.toRadians(turn));
            sin = Math.sin(Math.toRadians(turn));
        }
        return new Affine(cos, sin, -sin, cos, 0, 0);
    }

    public static Affine rotate(double degrees, Point about) {
        return translate(about.x(), about.y()).times(rotate(degrees)).times(translate(-about.x(), -about.y()));
    }

    public static Affine of(AffineTransform t) {
        return new Affine(
                t.getScaleX(), t.getShearY(), t.getShearX(), t.getScaleY(), t.getTranslateX(), t.getTranslateY());
    }

    /** This map after {@code first}: apply {@code first}, then this. */
    public Affine times(Affine first) {
        if (first.equals(IDENTITY)) {
            return this;
        }
        if (equals(IDENTITY)) {
            return first;
        }
        return new Affine(
                a * first.a + c * first.b,
                b * first.a + d * first.b,
                a * first.c + c * first.d,
                b * first.c + d * first.d,
                a * first.e + c * first.f + e,
                b * first.e + d * first.f + f);
    }

    public Point apply(double x, double y) {
        return new Point(a * x + c * y + e, b * x + d * y + f);
    }

    public Point apply(Point p) {
        return apply(p.x(), p.y());
    }

    public double determinant() {
        return a * d - b * c;
    }

    /** The map back, or nothing where this one flattens the plane to a line or a point. */
    public Optional<Affine> inverse() {
        double det = determinant();
        if (det == 0 || !Double.isFinite(det) || !Double.isFinite(1 / det)) {
            return Optional.empty();
        }
        return Optional.of(
                new Affine(d / det, -b / det, -c / det, a / det, (c * f - d * e) / det, (b * e - a * f) / det));
    }

    /** The angle of the x axis after the map, in degrees from -180 (excluded) to 180, clockwise; a mirrored thing that
     *  was not turned has 0. */
    public double rotation() {
        double x = a;
        double y = b;
        if (determinant() < 0 && x < 0) {
            x = -x;
            y = -y;
        }
        double degrees = Math.toDegrees(Math.atan2(y, x));
        double rounded = Math.rint(degrees * 1e9) / 1e9;
        return rounded == -180 ? 180 : rounded + 0.0;
    }

    /** The side of the square that a unit square's area becomes: the scale, where it is the same along both axes. */
    public double meanScale() {
        return Math.sqrt(Math.abs(determinant()));
    }

    /** Whether another does the same but for rounding.
     *
     * @param shape how far a to d may be off together
     * @param place how far e and f may be off together */
    public boolean isNear(Affine other, double shape, double place) {
        return Math.abs(a - other.a) + Math.abs(b - other.b) + Math.abs(c - other.c) + Math.abs(d - other.d) < shape
                && Math.abs(e - other.e) + Math.abs(f - other.f) < place;
    }

    /** Whether circles stay circles, to one part in a million. */
    public boolean keepsCircles() {
        double size = Math.hypot(a, b) + Math.hypot(c, d);
        return Math.abs(Math.hypot(a, b) - Math.hypot(c, d)) <= 1e-6 * size
                && Math.abs(a * c + b * d) <= 1e-6 * size * size;
    }

    /** Whether sides of upright boxes stay upright or level: it turns by quarters, mirrors and scales at most. */
    public boolean keepsBoxes() {
        double size = Math.abs(a) + Math.abs(b) + Math.abs(c) + Math.abs(d);
        return Math.abs(b) + Math.abs(c) <= 1e-12 * size || Math.abs(a) + Math.abs(d) <= 1e-12 * size;
    }

    /** Whether it moves and does nothing else. */
    public boolean isTranslation() {
        return a == 1 && b == 0 && c == 0 && d == 1;
    }

    public boolean isFinite() {
        return Double.isFinite(a + b + c + d + e + f);
    }

    public AffineTransform toAwt() {
        return new AffineTransform(a, b, c, d, e, f);
    }
}

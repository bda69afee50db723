package rondel.geometry.shape;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Box;
import rondel.geometry.Outline;

/** A star with one point upwards, fitted to its frame.
 *
 * @param depth how far the notches reach towards the middle, as a share of the radius */
public record StarShape(
        @Mm double width,
        @Mm double height,
        @LeftOut("5") int points,
        @LeftOut("0.5") double depth) implements PlainShape {

    public StarShape {
        ShapeLimits.size(width, height);
        ShapeLimits.count("points", points, 3, PolygonShape.MOST);
        ShapeLimits.share("depth", depth);
    }

    /** The one whose points lie on a circle of a diameter. */
    public static StarShape regular(int points, double depth, double diameter) {
        Box box = PolygonShape.bounds(corners(points, depth));
        return new StarShape(box.width() * diameter / 2, box.height() * diameter / 2, points, depth);
    }

    @Override
    public Outline outline() {
        return PolygonShape.fitted(corners(points, depth), width, height);
    }

    private static java.util.List<rondel.geometry.Point> corners(int points, double depth) {
        double inner = Math.max(0.01, 1 - depth);
        return PolygonShape.around(2 * points, -90, i -> i % 2 == 0 ? 1 : inner);
    }

    @Override
    public StarShape sized(double sx, double sy, double lengths) {
        return new StarShape(width * sx, height * sy, points, depth);
    }
}

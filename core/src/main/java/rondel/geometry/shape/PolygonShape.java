package rondel.geometry.shape;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.Mm;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.Point;

/** A polygon of equal sides that stands on one of them, fitted to its frame. */
public record PolygonShape(@Mm double width, @Mm double height, int sides) implements PlainShape {

    static final int MOST = 360;

    public PolygonShape {
        ShapeLimits.size(width, height);
        ShapeLimits.count("sides", sides, 3, MOST);
    }

    /** The regular one about a circle's diameter, corner to centre, so that its sides and angles are equal. */
    public static PolygonShape regular(int sides, double diameter) {
        Box box = bounds(circled(sides, i -> 1));
        return new PolygonShape(box.width() * diameter / 2, box.height() * diameter / 2, sides);
    }

    @Override
    public Outline outline() {
        return fitted(circled(sides, i -> 1), width, height);
    }

    /** Points about the origin, evenly turned, the lowest two on a level. */
    private static List<Point> circled(int count, java.util.function.IntToDoubleFunction radius) {
        return around(count, 90 + 180.0 / count, radius);
    }

    static List<Point> around(int count, double start, java.util.function.IntToDoubleFunction radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double angle = StrictMath.toRadians(start + 360.0 * i / count);
            double r = radius.applyAsDouble(i);
            points.add(new Point(r * StrictMath.cos(angle), r * StrictMath.sin(angle)));
        }
        return points;
    }

    /** The closed outline through points, stretched to fill a frame exactly. */
    static Outline fitted(List<Point> points, double width, double height) {
        Box box = bounds(points);
        return PolylineShape.closedOrNot(
                points.stream()
                        .map(p -> new Point(
                                (p.x() - box.x()) / box.width() * width, (p.y() - box.y()) / box.height() * height))
                        .toList(),
                true);
    }

    static Box bounds(List<Point> points) {
        return Box.around(points.stream().map(p -> new Box(p.x(), p.y(), 0, 0)).toList())
                .orElseThrow();
    }

    @Override
    public PolygonShape sized(double sx, double sy, double lengths) {
        return new PolygonShape(width * sx, height * sy, sides);
    }
}

package rondel.geometry.shape;

import java.util.List;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;

/** Straight lines from point to point, and back to the first where it is closed. */
public record PolylineShape(List<Point> points, boolean closed) implements PlainShape {

    private static final int MOST = 100_000;

    public PolylineShape {
        points = List.copyOf(points);
        ShapeLimits.count("points", points.size(), 2, MOST);
        points.forEach(p -> {
            ShapeLimits.place(p.x());
            ShapeLimits.place(p.y());
        });
    }

    @Override
    public Outline outline() {
        return closedOrNot(points, closed);
    }

    static Outline closedOrNot(List<Point> points, boolean closed) {
        OutlineBuilder out = new OutlineBuilder();
        out.moveTo(points.getFirst().x(), points.getFirst().y());
        points.subList(1, points.size()).forEach(p -> out.lineTo(p.x(), p.y()));
        return closed ? out.close().build() : out.build();
    }

    @Override
    public PolylineShape sized(double sx, double sy, double lengths) {
        return new PolylineShape(
                points.stream().map(p -> new Point(p.x() * sx, p.y() * sy)).toList(), closed);
    }
}

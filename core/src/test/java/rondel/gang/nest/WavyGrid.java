package rondel.gang.nest;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/** A rectangle cut by wavy lines across and down, its pieces turned by quarters, each about its middle. */
final class WavyGrid {

    private WavyGrid() {}

    static List<Geometry> pieces(double width, double height, int columns, int rows, long seed) {
        GeometryFactory factory = new GeometryFactory();
        Random random = new Random(seed);
        Geometry lines = ((Polygon) factory.toGeometry(new Envelope(0, width, 0, height))).getBoundary();
        for (int i = 1; i < columns; i++) {
            lines = lines.union(
                    factory.createLineString(wave(i * width / columns, height, width / columns, random, true)));
        }
        for (int i = 1; i < rows; i++) {
            lines = lines.union(factory.createLineString(wave(i * height / rows, width, height / rows, random, false)));
        }
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(lines);
        @SuppressWarnings("unchecked")
        Collection<Polygon> cells = polygonizer.getPolygons();
        List<Geometry> pieces = new ArrayList<>();
        for (Polygon p : cells) {
            Coordinate middle = p.getEnvelopeInternal().centre();
            pieces.add(AffineTransformation.translationInstance(-middle.x, -middle.y)
                    .rotate(Math.PI / 2 * random.nextInt(4))
                    .transform(p));
        }
        return pieces;
    }

    private static Coordinate[] wave(double at, double length, double step, Random random, boolean down) {
        double phase = random.nextDouble() * 6;
        double high = step * (0.05 + 0.1 * random.nextDouble());
        Coordinate[] points = new Coordinate[61];
        for (int i = 0; i < points.length; i++) {
            double along = -1 + i * (length + 2) / (points.length - 1);
            double off = at + high * Math.sin(along / step * 4 + phase);
            points[i] = down ? new Coordinate(off, along) : new Coordinate(along, off);
        }
        return points;
    }
}

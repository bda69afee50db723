package rondel.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/** A rectangle cut by random curves, its pieces shuffled and turned by quarters: the best possible packing uses all of it. */
final class Jigsaw {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Jigsaw() {}

    static List<Geometry> pieces(double width, double height, int count, long seed) {
        Random random = new Random(seed);
        List<Polygon> parts = new ArrayList<>();
        parts.add((Polygon) FACTORY.toGeometry(new org.locationtech.jts.geom.Envelope(0, width, 0, height)));
        while (parts.size() < count) {
            parts.sort(Comparator.comparingDouble(Polygon::getArea));
            Polygon largest = parts.removeLast();
            List<Polygon> halves = List.of();
            while (halves.size() != 2) {
                halves = split(largest, curve(largest, random));
            }
            parts.addAll(halves);
        }
        java.util.Collections.shuffle(parts, random);
        List<Geometry> pieces = new ArrayList<>();
        for (Polygon p : parts) {
            Point c = p.getEnvelope().getCentroid();
            Geometry moved = AffineTransformation.translationInstance(-c.getX(), -c.getY())
                    .transform(p);
            pieces.add(AffineTransformation.rotationInstance(Math.PI / 2 * random.nextInt(4))
                    .transform(moved));
        }
        return pieces;
    }

    /** A wavy line through the middle of a piece, more or less across its longer side. */
    private static LineString curve(Polygon p, Random random) {
        var box = p.getEnvelopeInternal();
        Coordinate middle = p.getInteriorPoint().getCoordinate();
        double reach = box.getWidth() + box.getHeight();
        double side = Math.min(box.getWidth(), box.getHeight());
        double angle = (box.getWidth() > box.getHeight() ? Math.PI / 2 : 0) + (random.nextDouble() - 0.5) * 0.9;
        double wave = side * (0.03 + 0.09 * random.nextDouble());
        double period = side * (0.6 + random.nextDouble());
        double phase = random.nextDouble() * 6;
        List<Coordinate> points = new ArrayList<>();
        for (int i = -100; i <= 100; i++) {
            double t = i / 100.0 * reach;
            double off = wave * Math.sin(t / period * 2 * Math.PI + phase);
            points.add(new Coordinate(
                    middle.x + t * Math.cos(angle) - off * Math.sin(angle),
                    middle.y + t * Math.sin(angle) + off * Math.cos(angle)));
        }
        return FACTORY.createLineString(points.toArray(Coordinate[]::new));
    }

    private static List<Polygon> split(Polygon p, LineString line) {
        Geometry noded = p.getBoundary().union(line);
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(noded);
        @SuppressWarnings("unchecked")
        Collection<Polygon> all = polygonizer.getPolygons();
        return all.stream().filter(q -> p.contains(q.getInteriorPoint())).toList();
    }
}

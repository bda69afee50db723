package rondel.run.stitch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.job.StitchSettings.Letters;

/** The parts of a shape in the order in which its contours were drawn, which for text is that in which it is read; or from the middle one outwards. */
final class LetterOrder {

    private static final double NEAR = 0.05;

    private LetterOrder() {}

    static List<Polygon> of(List<Polygon> parts, Outline drawn, Letters letters) {
        if (parts.size() < 2) {
            return parts;
        }
        List<Point> starts = Contour.of(drawn).stream()
                .map(c -> c.segments().getFirst().start())
                .toList();
        List<Placed> placed = new ArrayList<>();
        for (Polygon p : parts) {
            placed.add(new Placed(p, first(p, starts)));
        }
        placed.sort(Comparator.comparingInt(Placed::at));
        List<Polygon> read = placed.stream().map(Placed::part).toList();
        if (letters == Letters.READING) {
            return read;
        }
        int middle = read.size() / 2;
        List<Polygon> all = new ArrayList<>(read.subList(middle, read.size()));
        all.addAll(read.subList(0, middle).reversed());
        return all;
    }

    private record Placed(Polygon part, int at) {}

    private static int first(Polygon part, List<Point> starts) {
        GeometryFactory factory = part.getFactory();
        for (int i = 0; i < starts.size(); i++) {
            Coordinate c = new Coordinate(starts.get(i).x(), starts.get(i).y());
            if (part.getEnvelopeInternal().distance(new org.locationtech.jts.geom.Envelope(c)) <= NEAR
                    && part.isWithinDistance(factory.createPoint(c), NEAR)) {
                return i;
            }
        }
        return starts.size();
    }
}

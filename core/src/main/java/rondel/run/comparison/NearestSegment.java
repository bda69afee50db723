package rondel.run.comparison;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.index.hprtree.HPRtree;
import rondel.geometry.Point;

/** How far a place is from the nearest of many straight pieces: those in a box around it are measured, and the box grows until one is near
 *  enough. */
final class NearestSegment {

    /** Half the side of the first box, in mm: most places that are asked about lie nearer than this. */
    private static final double FIRST = 0.25;

    private static final double FURTHEST = 1e5;

    private final HPRtree tree = new HPRtree();

    NearestSegment(List<List<Point>> lines) {
        for (List<Point> line : lines) {
            for (int i = 1; i < line.size(); i++) {
                Point a = line.get(i - 1);
                Point b = line.get(i);
                tree.insert(new Envelope(a.x(), b.x(), a.y(), b.y()), new LineSegment(a.x(), a.y(), b.x(), b.y()));
            }
        }
        tree.build();
    }

    /** In mm; endless where there is nothing. */
    double distance(Point p) {
        Coordinate at = new Coordinate(p.x(), p.y());
        for (double reach = FIRST; reach < FURTHEST; reach *= 4) {
            double[] nearest = {Double.POSITIVE_INFINITY};
            tree.query(
                    new Envelope(p.x() - reach, p.x() + reach, p.y() - reach, p.y() + reach),
                    item -> nearest[0] = Math.min(nearest[0], ((LineSegment) item).distance(at)));
            if (nearest[0] <= reach) {
                return nearest[0];
            }
        }
        return Double.POSITIVE_INFINITY;
    }
}

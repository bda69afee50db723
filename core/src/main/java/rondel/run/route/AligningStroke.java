package rondel.run.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** A short hook at the edge of what is loaded, far from every line, by which a blade that points anywhere gets its direction: a millimetre
 *  down, so that none points straight back, and twelve times its offset to the right, after which it points there to a thousandth of a degree. */
final class AligningStroke {

    private static final double DOWN = 1;
    /** How many offsets it goes on: what is left of a turn shrinks by e with each. */
    private static final double OFFSETS = 12;

    /** How far from the edge it is, in mm. */
    private static final double INSET = 0.5;

    /** How many places along each edge are looked at. */
    private static final int PLACES = 24;

    /** What it keeps from every line, in mm, where there is room. */
    private static final double CLEAR = 1;

    private AligningStroke() {}

    /** @param reach where the tool may go
     *  @param offset of the blade, in mm
     *  @return nothing where what is loaded is too small for it */
    static Optional<List<Point>> in(Box reach, List<FlatLine> lines, double offset) {
        double right = OFFSETS * offset;
        double across = reach.width() - 2 * INSET - right;
        double down = reach.height() - 2 * INSET - DOWN;
        if (across < 0 || down < 0) {
            return Optional.empty();
        }
        STRtree tree = new STRtree();
        for (FlatLine line : lines) {
            int pieces = line.closed() ? line.size() : line.size() - 1;
            for (int i = 0; i < pieces; i++) {
                Point a = line.at(i);
                Point b = line.at(i + 1);
                tree.insert(new Envelope(a.x(), b.x(), a.y(), b.y()), i);
            }
        }
        tree.build();
        List<Point> places = new ArrayList<>();
        for (int i = 0; i <= PLACES; i++) {
            double share = (double) i / PLACES;
            double x = reach.x() + INSET + share * across;
            double y = reach.y() + INSET + share * down;
            places.add(new Point(x, reach.bottom() - INSET - DOWN));
            places.add(new Point(x, reach.y() + INSET));
            places.add(new Point(reach.x() + INSET, y));
            places.add(new Point(reach.right() - INSET - right, y));
        }
        return places.stream()
                .min(Comparator.comparingInt(p -> met(tree, p, right)))
                .map(p -> List.of(p, new Point(p.x(), p.y() + DOWN), new Point(p.x() + right, p.y() + DOWN)));
    }

    private static int met(STRtree tree, Point p, double right) {
        Envelope own = new Envelope(p.x() - CLEAR, p.x() + right + CLEAR, p.y() - CLEAR, p.y() + DOWN + CLEAR);
        return tree.query(own).size();
    }
}

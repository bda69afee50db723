package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import rondel.geometry.Affine;
import rondel.geometry.Point;

/** The straight pieces of a flattened outline, in a tree of circles around ever fewer of them. Circles stay circles however an
 *  outline is turned and sized, so the tree is made once for all copies of a drawing. The distance of two outlines is found by
 *  going down both trees, nearer branches first (Quinlan, Efficient Distance Computation between Non-Convex Objects, 1994). */
final class BoundingCircles {

    private static final Node NOTHING = new Node(0, 0, 0, null, null, new Coordinate[0]);

    private final Node root;

    /** A circle around some pieces: either two smaller ones, or the pieces. */
    private record Node(double x, double y, double radius, Node first, Node second, Coordinate[] ends) {

        boolean isLeaf() {
            return first == null;
        }
    }

    private BoundingCircles(Node root) {
        this.root = root;
    }

    /** @param lines its boundary counts where it is an area; where it is empty, all is far from it */
    static BoundingCircles of(Geometry lines) {
        List<Coordinate[]> pieces = new ArrayList<>();
        for (Object o : LinearComponentExtracter.getLines(lines)) {
            Coordinate[] all = ((LineString) o).getCoordinates();
            for (int i = 1; i < all.length; i++) {
                pieces.add(new Coordinate[] {all[i - 1], all[i]});
            }
        }
        return new BoundingCircles(pieces.isEmpty() ? NOTHING : node(pieces));
    }

    private static Node node(List<Coordinate[]> pieces) {
        Envelope box = new Envelope();
        for (Coordinate[] piece : pieces) {
            box.expandToInclude(piece[0]);
            box.expandToInclude(piece[1]);
        }
        Coordinate middle = box.centre();
        double radius = 0;
        for (Coordinate[] piece : pieces) {
            radius = Math.max(radius, Math.max(middle.distance(piece[0]), middle.distance(piece[1])));
        }
        if (pieces.size() <= FillingTuning.LEAF_PIECES) {
            Coordinate[] ends = pieces.stream().flatMap(Arrays::stream).toArray(Coordinate[]::new);
            return new Node(middle.x, middle.y, radius, null, null, ends);
        }
        List<Coordinate[]> sorted = new ArrayList<>(pieces);
        sorted.sort(
                box.getWidth() > box.getHeight()
                        ? Comparator.comparingDouble(p -> p[0].x + p[1].x)
                        : Comparator.comparingDouble(p -> p[0].y + p[1].y));
        int half = sorted.size() / 2;
        return new Node(
                middle.x,
                middle.y,
                radius,
                node(sorted.subList(0, half)),
                node(sorted.subList(half, sorted.size())),
                null);
    }

    /** How far another lies from this one, measured in this one's space; 0 where they cross.
     *
     * @param toThis how the other's space lies in this one's: turned, mirrored and sized, but not stretched
     * @param enough larger distances don't matter: it is the answer then */
    double distance(BoundingCircles other, Affine toThis, double enough) {
        return new Descent(toThis).distance(root, other.root, enough);
    }

    private record Descent(Affine m, double scale) {

        Descent(Affine m) {
            this(m, m.meanScale());
        }

        private double least(Node a, Node b) {
            Point p = m.apply(b.x, b.y);
            double x = p.x() - a.x;
            double y = p.y() - a.y;
            return Math.sqrt(x * x + y * y) - a.radius - scale * b.radius;
        }

        double distance(Node a, Node b, double enough) {
            if (least(a, b) >= enough) {
                return enough;
            }
            if (a.isLeaf() && b.isLeaf()) {
                return between(a, b, enough);
            }
            boolean split = !a.isLeaf() && (b.isLeaf() || a.radius > scale * b.radius);
            Node first = split ? a.first : b.first;
            Node second = split ? a.second : b.second;
            boolean turned = split ? least(second, b) < least(first, b) : least(a, second) < least(a, first);
            Node nearer = turned ? second : first;
            Node farther = turned ? first : second;
            double found = split ? distance(nearer, b, enough) : distance(a, nearer, enough);
            return split ? distance(farther, b, found) : distance(a, farther, found);
        }

        private double between(Node a, Node b, double enough) {
            double found = enough;
            for (int j = 0; j < b.ends.length; j += 2) {
                Coordinate from = moved(b.ends[j]);
                Coordinate to = moved(b.ends[j + 1]);
                for (int i = 0; i < a.ends.length; i += 2) {
                    found = Math.min(found, Distance.segmentToSegment(a.ends[i], a.ends[i + 1], from, to));
                }
            }
            return found;
        }

        private Coordinate moved(Coordinate c) {
            Point p = m.apply(c.x, c.y);
            return new Coordinate(p.x(), p.y());
        }
    }
}

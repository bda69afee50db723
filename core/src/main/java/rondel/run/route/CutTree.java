package rondel.run.route;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** Which lines lie inside which closed ones: each has the narrowest that holds most of it around it. What lies inside is cut first, as it
 *  could slip once what is around it is cut. */
final class CutTree {

    /** How many places of a line are asked. */
    private static final int SAMPLES = 16;

    /** How far inside of a closed line those places are, in mm: more than chords and steps are off. */
    private static final double INWARD = 0.04;

    private final List<FlatLine> lines;
    private final int[] around;
    private final List<List<Integer>> inside = new ArrayList<>();
    private final List<List<Integer>> anywhereInside = new ArrayList<>();

    CutTree(List<FlatLine> lines) {
        this.lines = lines;
        this.around = new int[lines.size()];
        Arrays.fill(around, -1);
        double[] area = new double[lines.size()];
        IndexedPointInAreaLocator[] locators = new IndexedPointInAreaLocator[lines.size()];
        STRtree tree = new STRtree();
        for (int i = 0; i < lines.size(); i++) {
            FlatLine line = lines.get(i);
            inside.add(new ArrayList<>());
            anywhereInside.add(new ArrayList<>());
            if (line.closed() && line.size() > 2) {
                area[i] = line.area();
                tree.insert(envelope(line.box()), i);
                locators[i] = new IndexedPointInAreaLocator(new GeometryFactory().createPolygon(ring(line)));
            }
        }
        tree.build();
        for (int i = 0; i < lines.size(); i++) {
            around[i] = narrowest(i, tree, area, locators);
            if (around[i] >= 0) {
                inside.get(around[i]).add(i);
            }
        }
    }

    /** The lines that lie in no other. */
    List<Integer> roots() {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (around[i] < 0) {
                all.add(i);
            }
        }
        return all;
    }

    /** What lies right inside a line. */
    List<Integer> inside(int line) {
        return inside.get(line);
    }

    /** All that lies inside a line, in whatever else it lies too: closed lines that cross each other may both be around it. */
    List<Integer> anywhereInside(int line) {
        return anywhereInside.get(line);
    }

    @SuppressWarnings("unchecked")
    private int narrowest(int i, STRtree tree, double[] area, IndexedPointInAreaLocator[] locators) {
        FlatLine line = lines.get(i);
        List<Integer> near = new ArrayList<>(tree.query(envelope(line.box())));
        near.removeIf(k -> k == i || line.closed() && !(area[k] > area[i] || area[k] == area[i] && k > i));
        near.sort(Comparator.<Integer>comparingDouble(k -> area[k]).thenComparing(k -> k));
        double turn = line.closed() ? Math.signum(line.signedArea()) : 0;
        int narrowest = -1;
        for (int k : near) {
            int held = 0;
            for (int s = 0; s < SAMPLES; s++) {
                Point p = sample(line, s, turn);
                held += locators[k].locate(new Coordinate(p.x(), p.y())) != Location.EXTERIOR ? 1 : 0;
            }
            if (held * 2 > SAMPLES) {
                narrowest = narrowest < 0 ? k : narrowest;
                anywhereInside.get(k).add(i);
            }
        }
        return narrowest;
    }

    /** A place of a line; of a closed one just inside of it, so that lines which share a stretch are told from those that only touch.
     *
     * @param turn 1 or -1 as a closed line runs round, 0 for an open one */
    private static Point sample(FlatLine line, int s, double turn) {
        int pieces = line.closed() ? line.size() : Math.max(1, line.size() - 1);
        double at = (s + 0.5) * pieces / SAMPLES;
        int from = Math.min(pieces - 1, (int) at);
        double share = at - from;
        Point a = line.at(from);
        Point b = line.at(line.size() == 1 ? 0 : from + 1);
        double d = Math.max(1e-9, a.distanceTo(b));
        double nx = -(b.y() - a.y()) / d * turn * INWARD;
        double ny = (b.x() - a.x()) / d * turn * INWARD;
        return new Point(a.x() + share * (b.x() - a.x()) + nx, a.y() + share * (b.y() - a.y()) + ny);
    }

    private static Coordinate[] ring(FlatLine line) {
        Coordinate[] ring = new Coordinate[line.size() + 1];
        for (int i = 0; i <= line.size(); i++) {
            ring[i] = new Coordinate(line.at(i).x(), line.at(i).y());
        }
        return line.size() == 2 ? new Coordinate[] {ring[0], ring[1], ring[0], ring[0]} : ring;
    }

    private static Envelope envelope(Box b) {
        return new Envelope(b.x(), b.right(), b.y(), b.bottom());
    }
}

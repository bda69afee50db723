package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;

/** The segments of all operands, cut where they meet; those that coincide are one edge of several sources.
 *
 * @param lines vertices of each edge, from its first node to its second
 * @param sources for each edge, its sources: twice their number, plus one for a source that runs the other way
 * @param parameters for each edge and source, the source's t at the edge's first and at its last vertex */
record NodedEdges(Coordinate[][] lines, int[][] sources, double[][] parameters) {

    private static final long SEED = 1;

    static NodedEdges of(Sources all, PrecisionModel grid) {
        Map<LineKey, Integer> known = new HashMap<>();
        List<Coordinate[]> made = new ArrayList<>();
        List<int[]> madeOf = new ArrayList<>();
        List<double[]> madeAt = new ArrayList<>();
        ParameterRange stretch = new ParameterRange(all);
        for (SegmentString s : noded(all, grid)) {
            stretch.follow(s);
            Coordinate[] points = s.getCoordinates();
            if (points.length < 2 || points.length == 2 && points[0].equals2D(points[1])) {
                continue;
            }
            Integer edge = known.putIfAbsent(new LineKey(points), made.size());
            if (edge == null) {
                made.add(points);
                madeOf.add(new int[] {2 * stretch.source()});
                madeAt.add(new double[] {stretch.from(), stretch.to()});
            } else {
                boolean same = sameWay(made.get(edge), points);
                madeOf.set(edge, with(madeOf.get(edge), 2 * stretch.source() + (same ? 0 : 1)));
                madeAt.set(
                        edge,
                        same
                                ? with(madeAt.get(edge), stretch.from(), stretch.to())
                                : with(madeAt.get(edge), stretch.to(), stretch.from()));
            }
        }
        return new NodedEdges(
                made.toArray(Coordinate[][]::new), madeOf.toArray(int[][]::new), madeAt.toArray(double[][]::new));
    }

    /** JTS keeps the places that lines snap to in a k-d tree, which becomes a list where they come in order, as those of a grid do: so
     *  they are handed over in any order, the same each time, and what comes back is put into the order of the sources again. */
    @SuppressWarnings("unchecked")
    private static Collection<SegmentString> noded(Sources all, PrecisionModel grid) {
        List<SegmentString> shuffled = new ArrayList<>(all.strings());
        Collections.shuffle(shuffled, new Random(SEED));
        SnapRoundingNoder noder = new SnapRoundingNoder(grid);
        noder.computeNodes(shuffled);
        List<SegmentString> noded = new ArrayList<>((Collection<SegmentString>) noder.getNodedSubstrings());
        noded.sort(Comparator.comparingInt(s -> (Integer) s.getData()));
        return noded;
    }

    /** Of two lines with the same vertices, whether they run the same way; a closed one is told by its second vertex. */
    private static boolean sameWay(Coordinate[] a, Coordinate[] b) {
        int last = a.length - 1;
        return a[0].equals2D(a[last]) ? a[1].equals2D(b[1]) : a[0].equals2D(b[0]);
    }

    private static int[] with(int[] some, int more) {
        int[] all = Arrays.copyOf(some, some.length + 1);
        all[some.length] = more;
        return all;
    }

    private static double[] with(double[] some, double more, double andMore) {
        double[] all = Arrays.copyOf(some, some.length + 2);
        all[some.length] = more;
        all[some.length + 1] = andMore;
        return all;
    }
}

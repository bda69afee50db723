package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.progress.Cancellation;

/** Which lines lie in which: a tree of the outlines by what each lies in most narrowly, found by an STR-tree and points in
 *  polygons, and for each other line the outline that holds the most of its length. */
final class Nesting {

    private static final int SAMPLES = 24;

    private final List<Line> lines;
    private final STRtree tree = new STRtree();
    private final Line.Within[] within;
    private final int[] around;
    private final int[] same;

    Nesting(List<Line> lines) {
        this.lines = lines;
        within = new Line.Within[lines.size()];
        around = new int[lines.size()];
        same = new int[lines.size()];
        Arrays.fill(around, -1);
        Arrays.fill(same, -1);
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).bounds()) {
                within[i] = lines.get(i).within();
                tree.insert(lines.get(i).box(), i);
            }
        }
        tree.build();
        for (int i = 0; i < lines.size(); i++) {
            if ((i & 255) == 0) {
                Cancellation.check();
            }
            around[i] = narrowest(i);
        }
    }

    /** The outline that a line lies in, or mostly in; -1 for none. */
    int around(int line) {
        return around[line];
    }

    /** The first of the outlines that are drawn over each other; the line itself where it is the first. */
    int first(int line) {
        return same[line] < 0 ? line : same[line];
    }

    @SuppressWarnings("unchecked")
    private int narrowest(int i) {
        Line line = lines.get(i);
        List<Integer> near = tree.query(line.box());
        List<Integer> larger = new ArrayList<>();
        for (int other : near) {
            if (other == i) {
                continue;
            }
            Line o = lines.get(other);
            if (line.bounds() && o.doubles(line)) {
                if (other < i && same[i] < 0) {
                    same[i] = first(other);
                }
            } else if (!line.bounds() || o.area() > line.area()) {
                larger.add(other);
            }
        }
        larger.sort(Comparator.comparingDouble(o -> lines.get(o).area()));
        Map<Integer, Integer> votes = new HashMap<>();
        for (Coordinate p : line.samples(SAMPLES)) {
            for (int other : larger) {
                if (within[other].holds(p)) {
                    votes.merge(first(other), 1, Integer::sum);
                    break;
                }
            }
        }
        return line.bounds() ? held(votes) : most(votes);
    }

    /** An outline lies in another only with the most of its length; one that is merely crossed is beside it. */
    private static int held(Map<Integer, Integer> votes) {
        int best = most(votes);
        return best >= 0 && votes.get(best) * 2 > SAMPLES ? best : -1;
    }

    private static int most(Map<Integer, Integer> votes) {
        return votes.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue()
                        .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
                .map(Map.Entry::getKey)
                .orElse(-1);
    }

    /** The outline that makes the piece a line belongs to; -1 where it lies in none.
     *
     * @param holesHoldPieces whether an outline in a hole is a piece of its own */
    int piece(int line, boolean holesHoldPieces) {
        int own = lines.get(line).bounds() ? first(line) : around[line];
        if (own < 0) {
            return -1;
        }
        List<Integer> path = new ArrayList<>();
        for (int at = own; at >= 0; at = around[at]) {
            path.add(at);
        }
        if (!holesHoldPieces) {
            return path.getLast();
        }
        int depth = path.size() - 1;
        return depth % 2 == 0 ? own : path.get(1);
    }

    Envelope box(int line) {
        return lines.get(line).box();
    }
}

package rondel.gang.rows;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** The straight lines around boxes, each place cut once: sides that lie on each other, or that follow each other on one line, are one
 *  line. */
public final class CommonCuts {

    /** Sides that are nearer than this lie on each other, in mm. */
    private static final double SAME = 1e-3;

    private CommonCuts() {}

    /** A line from one point to another, to the right or down. */
    public record Cut(Point from, Point to) {

        public double length() {
            return from.distanceTo(to);
        }
    }

    /** The boxes of some that share no side with another: each can be cut by a closed line of its own. */
    public static List<Box> alone(List<Box> boxes) {
        STRtree tree = new STRtree();
        for (int i = 0; i < boxes.size(); i++) {
            Box b = boxes.get(i);
            tree.insert(new Envelope(b.x(), b.right(), b.y(), b.bottom()), i);
        }
        tree.build();
        List<Box> alone = new ArrayList<>();
        for (int i = 0; i < boxes.size(); i++) {
            Box b = boxes.get(i).grown(SAME);
            if (tree.query(new Envelope(b.x(), b.right(), b.y(), b.bottom())).size() == 1) {
                alone.add(boxes.get(i));
            }
        }
        return alone;
    }

    /** Level lines from the top, then upright ones from the left. */
    public static List<Cut> of(List<Box> boxes) {
        Map<Long, List<double[]>> level = new TreeMap<>();
        Map<Long, List<double[]>> upright = new TreeMap<>();
        for (Box b : boxes) {
            add(level, b.y(), b.x(), b.right());
            add(level, b.bottom(), b.x(), b.right());
            add(upright, b.x(), b.y(), b.bottom());
            add(upright, b.right(), b.y(), b.bottom());
        }
        List<Cut> cuts = new ArrayList<>();
        level.values().forEach(sides -> merged(sides)
                .forEach(s -> cuts.add(new Cut(new Point(s[1], s[0]), new Point(s[2], s[0])))));
        upright.values().forEach(sides -> merged(sides)
                .forEach(s -> cuts.add(new Cut(new Point(s[0], s[1]), new Point(s[0], s[2])))));
        return cuts;
    }

    /** Sides are collected by the place of their line; one that lies just beside another's belongs to it. */
    private static void add(Map<Long, List<double[]>> lines, double at, double from, double to) {
        long key = Math.round(at / SAME);
        for (long near = key - 1; near <= key + 1; near++) {
            if (lines.containsKey(near)) {
                lines.get(near).add(new double[] {at, from, to});
                return;
            }
        }
        lines.computeIfAbsent(key, k -> new ArrayList<>()).add(new double[] {at, from, to});
    }

    private static List<double[]> merged(List<double[]> sides) {
        sides.sort(Comparator.comparingDouble(s -> s[1]));
        List<double[]> merged = new ArrayList<>();
        double at = sides.getFirst()[0];
        for (double[] side : sides) {
            double[] last = merged.isEmpty() ? null : merged.getLast();
            if (last != null && side[1] <= last[2] + SAME) {
                last[2] = Math.max(last[2], side[2]);
            } else {
                merged.add(new double[] {at, side[1], side[2]});
            }
        }
        return merged;
    }
}

package rondel.geometry.curve;

import java.util.Arrays;
import java.util.List;
import rondel.geometry.Point;

/** Many straight segments, asked how far places are from the nearest of them: a bounding volume hierarchy that halves the
 *  segments along the longer side of their box, searched nearest box first (Roussopoulos, Kelley and Vincent 1995). A search
 *  makes no objects. Any thread may ask. */
public final class SegmentIndex {

    /** Segments that are measured one by one: fewer cost more boxes, more cost more measuring. */
    private static final int LEAF = 4;

    /** So many are measured one by one where there are no others: no tree is worth building. */
    private static final int FLAT = 8;

    /** So that rounding leaves out none that is just as far. */
    private static final double ROUNDED_UP = 1 + 1e-9;

    private static final int SEGMENT = 4;
    private static final int BOX = 4;

    private final int count;
    private final int leaf;

    /** Ends of each segment: x, y, x, y. */
    private final double[] segments;

    /** Least x and y, most x and y of each node; node n has the nodes 2n + 1 and 2n + 2 within it. */
    private final double[] boxes;

    /** @param segments the ends of each: x, y, x, y, in mm; put in another order */
    SegmentIndex(double[] segments) {
        this(segments, false);
    }

    /** @param inOrder whether segments that are near to each other already follow each other */
    private SegmentIndex(double[] segments, boolean inOrder) {
        this.segments = segments;
        this.count = segments.length / SEGMENT;
        this.leaf = count <= FLAT ? FLAT : LEAF;
        int nodes = 1;
        for (int most = count; most > leaf; most = (most + 1) / 2) {
            nodes = 2 * nodes + 1;
        }
        this.boxes = new double[BOX * nodes];
        if (count > 0) {
            build(0, 0, count, inOrder);
        }
    }

    /** @param lines each as the places that it goes through */
    public static SegmentIndex of(List<List<Point>> lines) {
        double[] ends = new double
                [SEGMENT
                        * lines.stream()
                                .mapToInt(l -> Math.max(0, l.size() - 1))
                                .sum()];
        int at = 0;
        for (List<Point> line : lines) {
            for (int i = 1; i < line.size(); i++) {
                ends[at++] = line.get(i - 1).x();
                ends[at++] = line.get(i - 1).y();
                ends[at++] = line.get(i).x();
                ends[at++] = line.get(i).y();
            }
        }
        return new SegmentIndex(ends);
    }

    /** In mm; endless where there is no segment. */
    public double distance(double x, double y) {
        return Math.sqrt(square(x, y, Double.POSITIVE_INFINITY));
    }

    /** The square of the least distance, in mm², or of the one known before, where no segment is nearer: of many places the nearest is found sooner so.
     *
     * @param known the square of a distance, in mm² */
    public double square(double x, double y, double known) {
        return count == 0 ? known : nearest(0, 0, count, x, y, known);
    }

    /** Those segments alone of which the nearest is one, for each place around another.
     *
     * @param distance of the other place itself, in mm
     * @param around how far such a place may be off, in mm */
    public SegmentIndex near(double x, double y, double distance, double around) {
        if (count <= LEAF) {
            return this;
        }
        double reach = distance + 2 * around;
        double[] some = new double[SEGMENT * count];
        int found = collect(0, 0, count, x, y, reach * reach * ROUNDED_UP, some, 0);
        return found == some.length ? this : new SegmentIndex(Arrays.copyOf(some, found), true);
    }

    private int collect(int node, int from, int to, double x, double y, double reach, double[] found, int already) {
        if (toBox(node, x, y) > reach) {
            return already;
        }
        int now = already;
        if (!leaf(from, to)) {
            int middle = (from + to) >>> 1;
            now = collect(2 * node + 1, from, middle, x, y, reach, found, now);
            return collect(2 * node + 2, middle, to, x, y, reach, found, now);
        }
        for (int i = SEGMENT * from; i < SEGMENT * to; i += SEGMENT) {
            if (toSegment(i, x, y) <= reach) {
                System.arraycopy(segments, i, found, now, SEGMENT);
                now += SEGMENT;
            }
        }
        return now;
    }

    /** How often a ray from a place to the right crosses the segments: of closed lines, an odd number within. */
    public int crossings(double x, double y) {
        return count == 0 ? 0 : crossings(0, 0, count, x, y);
    }

    private boolean leaf(int from, int to) {
        return to - from <= leaf;
    }

    private void build(int node, int from, int to, boolean inOrder) {
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (int i = SEGMENT * from; i < SEGMENT * to; i += 2) {
            left = Math.min(left, segments[i]);
            right = Math.max(right, segments[i]);
            top = Math.min(top, segments[i + 1]);
            bottom = Math.max(bottom, segments[i + 1]);
        }
        boxes[BOX * node] = left;
        boxes[BOX * node + 1] = top;
        boxes[BOX * node + 2] = right;
        boxes[BOX * node + 3] = bottom;
        if (!leaf(from, to)) {
            int middle = (from + to) >>> 1;
            if (!inOrder) {
                part(from, to - 1, middle, right - left > bottom - top ? 0 : 1);
            }
            build(2 * node + 1, from, middle, inOrder);
            build(2 * node + 2, middle, to, inOrder);
        }
    }

    /** Brings the segments whose middles are least to the front (Hoare 1961, FIND). */
    private void part(int first, int last, int middle, int axis) {
        int low = first;
        int high = last;
        while (low < high) {
            double pivot = twiceMiddle((low + high) >>> 1, axis);
            int i = low;
            int k = high;
            while (i <= k) {
                while (twiceMiddle(i, axis) < pivot) {
                    i++;
                }
                while (twiceMiddle(k, axis) > pivot) {
                    k--;
                }
                if (i <= k) {
                    swap(i++, k--);
                }
            }
            if (k < middle) {
                low = i;
            }
            if (middle < i) {
                high = k;
            }
        }
    }

    private double twiceMiddle(int segment, int axis) {
        return segments[SEGMENT * segment + axis] + segments[SEGMENT * segment + 2 + axis];
    }

    private void swap(int a, int b) {
        for (int i = 0; i < SEGMENT; i++) {
            double kept = segments[SEGMENT * a + i];
            segments[SEGMENT * a + i] = segments[SEGMENT * b + i];
            segments[SEGMENT * b + i] = kept;
        }
    }

    /** The square of the least distance, or of the one known before where nothing is nearer. */
    private double nearest(int node, int from, int to, double x, double y, double known) {
        double least = known;
        if (leaf(from, to)) {
            for (int i = from; i < to; i++) {
                least = Math.min(least, toSegment(SEGMENT * i, x, y));
            }
            return least;
        }
        int middle = (from + to) >>> 1;
        int first = 2 * node + 1;
        double ahead = toBox(first, x, y);
        double behind = toBox(first + 1, x, y);
        if (ahead <= behind) {
            least = ahead < least ? nearest(first, from, middle, x, y, least) : least;
            return behind < least ? nearest(first + 1, middle, to, x, y, least) : least;
        }
        least = behind < least ? nearest(first + 1, middle, to, x, y, least) : least;
        return ahead < least ? nearest(first, from, middle, x, y, least) : least;
    }

    private double toBox(int node, double x, double y) {
        int at = BOX * node;
        double dx = Math.max(0, Math.max(boxes[at] - x, x - boxes[at + 2]));
        double dy = Math.max(0, Math.max(boxes[at + 1] - y, y - boxes[at + 3]));
        return dx * dx + dy * dy;
    }

    private double toSegment(int at, double x, double y) {
        double alongX = segments[at + 2] - segments[at];
        double alongY = segments[at + 3] - segments[at + 1];
        double toX = x - segments[at];
        double toY = y - segments[at + 1];
        double length = alongX * alongX + alongY * alongY;
        double foot = length == 0 ? 0 : Math.clamp((toX * alongX + toY * alongY) / length, 0, 1);
        double dx = toX - foot * alongX;
        double dy = toY - foot * alongY;
        return dx * dx + dy * dy;
    }

    private int crossings(int node, int from, int to, double x, double y) {
        int at = BOX * node;
        if (y < boxes[at + 1] || y > boxes[at + 3] || x > boxes[at + 2]) {
            return 0;
        }
        if (!leaf(from, to)) {
            int middle = (from + to) >>> 1;
            return crossings(2 * node + 1, from, middle, x, y) + crossings(2 * node + 2, middle, to, x, y);
        }
        int crossed = 0;
        for (int i = SEGMENT * from; i < SEGMENT * to; i += SEGMENT) {
            double y1 = segments[i + 1];
            double y2 = segments[i + 3];
            if (y1 > y != y2 > y && segments[i] + (y - y1) / (y2 - y1) * (segments[i + 2] - segments[i]) > x) {
                crossed++;
            }
        }
        return crossed;
    }
}

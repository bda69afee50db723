package rondel.lines.join;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.progress.Cancellation;

/** Which ends of open lines meet: each end has one other at most, the nearest first, and of those that are as near the one it goes
 *  on to straightest. An STR-tree finds what is near, so that n ends take n log n. */
final class EndMatching {

    private static final int NONE = -1;

    private final List<Contour> lines;
    private final double tolerance;
    private final int[] partner;
    private final int[] meeting;

    /** @param lines open ones, in mm
     *  @param tolerance how near ends are that meet, in mm */
    EndMatching(List<Contour> lines, double tolerance) {
        this.lines = lines;
        this.tolerance = tolerance;
        this.partner = new int[2 * lines.size()];
        this.meeting = new int[2 * lines.size()];
        Arrays.fill(partner, NONE);
        match();
    }

    private record Pair(int a, int b, long step, double turn) {}

    /** One line of a chain, and whether it is taken backwards. */
    record Link(int line, boolean backwards) {}

    /** Lines one after another.
     *
     * @param closed whether the last meets the first
     * @param forked whether more than two ends meet anywhere along it */
    record Chain(List<Link> links, boolean closed, boolean forked) {}

    @SuppressWarnings("unchecked")
    private void match() {
        STRtree tree = new STRtree();
        for (int end = 0; end < partner.length; end++) {
            Point p = place(end);
            tree.insert(new Envelope(p.x(), p.x(), p.y(), p.y()), end);
        }
        List<Pair> pairs = new ArrayList<>();
        for (int end = 0; end < partner.length; end++) {
            if ((end & 255) == 0) {
                Cancellation.check();
            }
            Point p = place(end);
            List<Integer> near = tree.query(
                    new Envelope(p.x() - tolerance, p.x() + tolerance, p.y() - tolerance, p.y() + tolerance));
            for (int other : near) {
                double distance = p.distanceTo(place(other));
                if (other == end || distance > tolerance || other / 2 == end / 2 && isShort(end / 2)) {
                    continue;
                }
                meeting[end]++;
                if (other > end) {
                    pairs.add(
                            new Pair(end, other, (long) (distance / (JoinTuning.STEP * tolerance)), turn(end, other)));
                }
            }
        }
        pairs.sort(Comparator.comparingLong(Pair::step)
                .thenComparingDouble(Pair::turn)
                .thenComparingInt(Pair::a)
                .thenComparingInt(Pair::b));
        for (Pair pair : pairs) {
            if (partner[pair.a] == NONE && partner[pair.b] == NONE) {
                partner[pair.a] = pair.b;
                partner[pair.b] = pair.a;
            }
        }
    }

    private boolean isShort(int line) {
        double length = 0;
        for (Bezier b : lines.get(line).segments()) {
            length += b.controlLength();
        }
        return length < JoinTuning.SHORTEST_LOOP * tolerance;
    }

    /** Even numbers are starts, odd ones ends. */
    private Point place(int end) {
        List<Bezier> segments = lines.get(end / 2).segments();
        return end % 2 == 0 ? segments.getFirst().start() : segments.getLast().end();
    }

    /** Out of the line at its end. */
    private Point outwards(int end) {
        List<Bezier> segments = lines.get(end / 2).segments();
        if (end % 2 == 1) {
            return segments.getLast().tangent(1);
        }
        Point in = segments.getFirst().tangent(0);
        return new Point(-in.x(), -in.y());
    }

    /** 0 where one goes straight on in the other, 2 where it turns back. */
    private double turn(int a, int b) {
        Point one = outwards(a);
        Point other = outwards(b);
        return 1 + one.x() * other.x() + one.y() * other.y();
    }

    /** All lines as chains, in the order of their first lines. */
    List<Chain> chains() {
        boolean[] taken = new boolean[lines.size()];
        List<Chain> chains = new ArrayList<>();
        for (int line = 0; line < lines.size(); line++) {
            if (!taken[line]) {
                chains.add(chain(start(line), taken));
            }
        }
        return chains;
    }

    /** The end that the chain through a line begins at; in a loop, the line's own start. */
    private int start(int line) {
        int end = 2 * line;
        while (partner[end] != NONE) {
            end = partner[end] ^ 1;
            if (end == 2 * line) {
                return end;
            }
        }
        return end;
    }

    private Chain chain(int start, boolean[] taken) {
        List<Link> links = new ArrayList<>();
        boolean forked = false;
        int end = start;
        while (true) {
            links.add(new Link(end / 2, end % 2 == 1));
            taken[end / 2] = true;
            forked |= meeting[end] > 1 || meeting[end ^ 1] > 1;
            int next = partner[end ^ 1];
            if (next == NONE || next == start) {
                return new Chain(links, next != NONE, forked);
            }
            end = next;
        }
    }
}

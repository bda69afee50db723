package rondel.run.stitch;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import rondel.geometry.Point;
import rondel.job.Rgba;

/** The order in which blocks are sewn: with the fewest changes of thread that leave everything on top that lies on top, and the nearest next within one
 *  thread. What overlaps keeps its order (a partial order); a state is what is sewn by now, and with each thread all is sewn that may be; among states
 *  of as many changes the {@link #BEAM} with the most sewn go on (beam search), which for a few blocks is all of them. */
final class ThreadOrder {

    private static final int BEAM = 120;

    /** Of more blocks of one thread the nearest next is good enough. */
    private static final int MOST_MOVED = 80;

    private final List<StitchBlock> blocks;
    private final BitSet[] before;

    /** Where in the stack each thread comes first. */
    private final Map<Rgba, Integer> first = new HashMap<>();

    private ThreadOrder(List<StitchBlock> blocks) {
        this.blocks = blocks;
        this.before = new BitSet[blocks.size()];
        List<PreparedGeometry> areas = blocks.stream()
                .map(b -> PreparedGeometryFactory.prepare(b.area()))
                .toList();
        for (int i = 0; i < blocks.size(); i++) {
            before[i] = new BitSet();
            first.putIfAbsent(blocks.get(i).thread(), i);
            for (int k = 0; k < i; k++) {
                // Of one colour it does not matter which is on top.
                if (!blocks.get(i).thread().equals(blocks.get(k).thread())
                        && overlaps(areas.get(k), blocks.get(i).area())) {
                    before[i].set(k);
                }
            }
        }
    }

    private static boolean overlaps(PreparedGeometry a, Geometry b) {
        return a.getGeometry().getEnvelopeInternal().intersects(b.getEnvelopeInternal()) && a.intersects(b);
    }

    /** @param blocks from back to front */
    static List<StitchBlock> of(List<StitchBlock> blocks) {
        return new ThreadOrder(blocks).ordered();
    }

    /** What is sewn by now, and with which threads that came about. */
    private record State(BitSet done, List<Rgba> threads) {}

    private List<StitchBlock> ordered() {
        List<State> states = List.of(new State(new BitSet(), List.of()));
        while (true) {
            Map<BitSet, State> next = new HashMap<>();
            for (State s : states) {
                if (s.done().cardinality() == blocks.size()) {
                    return sewn(s.threads());
                }
                for (Rgba thread : open(s.done())) {
                    BitSet done = sewnWith(s.done(), thread);
                    List<Rgba> threads = new ArrayList<>(s.threads());
                    threads.add(thread);
                    next.putIfAbsent(done, new State(done, threads));
                }
            }
            states = next.values().stream()
                    .sorted(Comparator.<State>comparingInt(s -> -s.done().cardinality())
                            .thenComparing(this::byStack))
                    .limit(BEAM)
                    .toList();
        }
    }

    /** Where nothing else tells orders apart, threads that come first in the stack come first. */
    private int byStack(State a, State b) {
        for (int i = 0; i < Math.min(a.threads().size(), b.threads().size()); i++) {
            int order = Integer.compare(
                    first.get(a.threads().get(i)), first.get(b.threads().get(i)));
            if (order != 0) {
                return order;
            }
        }
        return 0;
    }

    private Set<Rgba> open(BitSet done) {
        Set<Rgba> threads = new LinkedHashSet<>();
        for (int i = 0; i < blocks.size(); i++) {
            if (may(i, done)) {
                threads.add(blocks.get(i).thread());
            }
        }
        return threads;
    }

    private boolean may(int block, BitSet done) {
        if (done.get(block)) {
            return false;
        }
        BitSet missing = (BitSet) before[block].clone();
        missing.andNot(done);
        return missing.isEmpty();
    }

    private BitSet sewnWith(BitSet done, Rgba thread) {
        BitSet now = (BitSet) done.clone();
        for (int i = 0; i < blocks.size(); i++) {
            if (blocks.get(i).thread().equals(thread) && may(i, done)) {
                now.set(i);
            }
        }
        return now;
    }

    private List<StitchBlock> sewn(List<Rgba> threads) {
        List<StitchBlock> order = new ArrayList<>();
        BitSet done = new BitSet();
        Point at = Point.ORIGIN;
        for (Rgba thread : threads) {
            BitSet now = sewnWith(done, thread);
            BitSet own = (BitSet) now.clone();
            own.andNot(done);
            List<StitchBlock> part = nearest(own, at);
            moved(part, at);
            order.addAll(part);
            at = part.getLast().last();
            done = now;
        }
        return order;
    }

    private List<StitchBlock> nearest(BitSet own, Point start) {
        List<StitchBlock> part = new ArrayList<>();
        Point at = start;
        while (!own.isEmpty()) {
            Point from = at;
            int next = own.stream()
                    .boxed()
                    .min(Comparator.comparingDouble(
                            i -> from.distanceTo(blocks.get(i).first())))
                    .orElseThrow();
            own.clear(next);
            part.add(blocks.get(next));
            at = blocks.get(next).last();
        }
        return part;
    }

    /** Puts single blocks elsewhere while that shortens the way (Or 1976, with one at a time). */
    private static void moved(List<StitchBlock> part, Point start) {
        boolean shorter = part.size() > 2 && part.size() <= MOST_MOVED;
        while (shorter) {
            shorter = false;
            double now = way(part, start);
            for (int i = 0; i < part.size(); i++) {
                StitchBlock block = part.remove(i);
                int best = i;
                double least = now - 1e-6;
                for (int k = 0; k <= part.size(); k++) {
                    part.add(k, block);
                    double far = way(part, start);
                    if (far < least) {
                        least = far;
                        best = k;
                    }
                    part.remove(k);
                }
                part.add(best, block);
                if (least < now - 1e-6) {
                    now = least;
                    shorter = true;
                }
            }
        }
    }

    private static double way(List<StitchBlock> part, Point start) {
        double far = 0;
        Point at = start;
        for (StitchBlock b : part) {
            far += at.distanceTo(b.first());
            at = b.last();
        }
        return far;
    }
}

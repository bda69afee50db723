package rondel.run.route;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.SplittableRandom;
import rondel.progress.Cancellation;

/** A short way through stops from a fixed start to whichever is last: Or-opt and 2-opt moves among near neighbours with a queue of stops that
 *  are still to be looked at, then small double bridges at random places, each kept where it led to something shorter (iterated local
 *  search; Lourenço, Martin, Stützle 2003). Stops whose two ends differ are turned round when the way past them is. */
final class Tour {

    /** How many near stops are tried as a stop's next. */
    private static final int NEAR = 10;

    /** How long a part is that is put elsewhere, in stops. */
    private static final int LONGEST_PART = 3;

    /** How far apart the places are that a double bridge joins anew, in stops. */
    private static final int BRIDGE = 50;

    private static final double LEAST_GAIN = 1e-9;

    private final int n;
    private final double[] inX;
    private final double[] inY;
    private final double[] outX;
    private final double[] outY;
    private final boolean[] turned;
    private final int[][] near;
    private final int[] order;
    private final int[] place;
    private final Deque<Integer> open = new ArrayDeque<>();
    private final boolean[] queued;

    /** @param ends in x, in y, out x, out y of each stop; the first is where the way starts */
    Tour(double[][] ends, int[] firstOrder) {
        n = ends.length;
        inX = column(ends, 0);
        inY = column(ends, 1);
        outX = column(ends, 2);
        outY = column(ends, 3);
        turned = new boolean[n];
        order = firstOrder.clone();
        place = new int[n];
        queued = new boolean[n];
        for (int i = 0; i < n; i++) {
            place[order[i]] = i;
        }
        near = nearest();
    }

    private static double[] column(double[][] ends, int k) {
        return Arrays.stream(ends).mapToDouble(e -> e[k]).toArray();
    }

    private int[][] nearest() {
        int[][] all = new int[n][];
        int count = Math.min(NEAR, n - 1);
        double[] key = new double[n];
        for (int i = 0; i < n; i++) {
            int own = i;
            for (int k = 0; k < n; k++) {
                key[k] = k == i ? Double.POSITIVE_INFINITY : between(own, k);
            }
            all[i] = smallest(key, count);
            if ((i & 255) == 0) {
                Cancellation.check();
            }
        }
        return all;
    }

    private static int[] smallest(double[] key, int count) {
        int[] best = new int[count];
        int have = 0;
        for (int k = 0; k < key.length; k++) {
            if (have < count || key[k] < key[best[have - 1]]) {
                int at = have < count ? have++ : have - 1;
                while (at > 0 && key[best[at - 1]] > key[k]) {
                    best[at] = best[at - 1];
                    at--;
                }
                best[at] = k;
            }
        }
        return best;
    }

    /** The least distance between any ends of two stops. */
    private double between(int a, int b) {
        double d = Math.hypot(outX[a] - inX[b], outY[a] - inY[b]);
        d = Math.min(d, Math.hypot(outX[a] - outX[b], outY[a] - outY[b]));
        d = Math.min(d, Math.hypot(inX[a] - inX[b], inY[a] - inY[b]));
        return Math.min(d, Math.hypot(inX[a] - outX[b], inY[a] - outY[b]));
    }

    private double hx(int s) {
        return turned[s] ? outX[s] : inX[s];
    }

    private double hy(int s) {
        return turned[s] ? outY[s] : inY[s];
    }

    private double tx(int s) {
        return turned[s] ? inX[s] : outX[s];
    }

    private double ty(int s) {
        return turned[s] ? inY[s] : outY[s];
    }

    /** From where one is left to where the one after it is begun; nothing after the last. */
    private double step(int p, int q) {
        return p < 0 || q >= n ? 0 : distance(tx(order[p]), ty(order[p]), hx(order[q]), hy(order[q]));
    }

    private static double distance(double ax, double ay, double bx, double by) {
        double dx = ax - bx;
        double dy = ay - by;
        return Math.sqrt(dx * dx + dy * dy);
    }

    double length() {
        double sum = 0;
        for (int i = 1; i < n; i++) {
            sum += step(i - 1, i);
        }
        return sum;
    }

    /** The stops in order, the start first. */
    int[] order() {
        return order.clone();
    }

    boolean isTurned(int stop) {
        return turned[stop];
    }

    /** @param kicks how many double bridges are tried
     *  @param seed the same seed gives the same way */
    void improve(int kicks, long seed) {
        for (int i = 1; i < n; i++) {
            queue(order[i]);
        }
        settle();
        if (n < 8) {
            return;
        }
        SplittableRandom random = new SplittableRandom(seed);
        int[] orderBefore = order.clone();
        boolean[] turnedBefore = turned.clone();
        double best = length();
        for (int k = 0; k < kicks; k++) {
            if ((k & 255) == 0) {
                Cancellation.check();
            }
            double now = best + bridge(random) - settle();
            if (now < best - LEAST_GAIN) {
                best = now;
                System.arraycopy(order, 0, orderBefore, 0, n);
                System.arraycopy(turned, 0, turnedBefore, 0, n);
            } else {
                System.arraycopy(orderBefore, 0, order, 0, n);
                System.arraycopy(turnedBefore, 0, turned, 0, n);
                for (int i = 0; i < n; i++) {
                    place[order[i]] = i;
                }
            }
        }
    }

    /** Swaps two neighbouring parts; gives by how much that is longer. */
    private double bridge(SplittableRandom random) {
        int reach = Math.min(BRIDGE, (n - 2) / 3);
        int a = 1 + random.nextInt(Math.max(1, n - 2 * reach - 1));
        int b = a + 1 + random.nextInt(reach);
        int c = Math.min(n, b + 1 + random.nextInt(reach));
        double before = step(a - 1, a) + step(b - 1, b) + step(c - 1, c);
        int[] part = Arrays.copyOfRange(order, a, c);
        int first = b - a;
        for (int i = 0; i < part.length; i++) {
            put(a + i, part[(i + first) % part.length]);
        }
        int joint = a + (c - b);
        for (int p : new int[] {a - 1, a, joint - 1, joint, c - 1, c}) {
            if (p > 0 && p < n) {
                queue(order[p]);
            }
        }
        return step(a - 1, a) + step(joint - 1, joint) + step(c - 1, c) - before;
    }

    private void put(int p, int stop) {
        order[p] = stop;
        place[stop] = p;
    }

    private void queue(int stop) {
        if (stop != order[0] && !queued[stop]) {
            queued[stop] = true;
            open.add(stop);
        }
    }

    /** Makes moves until none is left that shortens; gives what that has saved. */
    private double settle() {
        double saved = 0;
        while (!open.isEmpty()) {
            int stop = open.poll();
            queued[stop] = false;
            double gain;
            do {
                gain = reversal(stop);
                if (gain == 0) {
                    gain = transfer(stop);
                }
                saved += gain;
            } while (gain > 0);
        }
        return saved;
    }

    /** Turns a stretch of the way round so that a stop comes beside a near one. */
    private double reversal(int stop) {
        int p = place[stop];
        for (int other : near[stop]) {
            int q = place[other];
            // The stop's end meets the other's end, or its beginning the other's beginning.
            int from = Math.min(p, q) + 1;
            int to = Math.max(p, q);
            double gain = gainOfReversal(from, to);
            if (gain > LEAST_GAIN) {
                reverse(from, to);
                return gain;
            }
            from = Math.min(p, q);
            to = Math.max(p, q) - 1;
            gain = from < 1 ? 0 : gainOfReversal(from, to);
            if (gain > LEAST_GAIN) {
                reverse(from, to);
                return gain;
            }
        }
        // Whatever is last may be where the way past it begins.
        if (p > 0) {
            double gain = gainOfReversal(p, n - 1);
            if (gain > LEAST_GAIN) {
                reverse(p, n - 1);
                return gain;
            }
            int s = order[p];
            gain = gainOfReversal(p, p);
            if (gain > LEAST_GAIN) {
                turned[s] = !turned[s];
                queueAround(p, p);
                return gain;
            }
        }
        return 0;
    }

    private double gainOfReversal(int from, int to) {
        if (from < 1 || from > to) {
            return 0;
        }
        int a = order[from - 1];
        int b = order[from];
        int c = order[to];
        double before = step(from - 1, from) + step(to, to + 1);
        double after = distance(tx(a), ty(a), tx(c), ty(c));
        if (to + 1 < n) {
            int d = order[to + 1];
            after += distance(hx(b), hy(b), hx(d), hy(d));
        }
        return before - after;
    }

    private void reverse(int from, int to) {
        for (int i = from, k = to; i <= k; i++, k--) {
            int a = order[i];
            int b = order[k];
            put(i, b);
            put(k, a);
            turned[a] = !turned[a];
            if (a != b) {
                turned[b] = !turned[b];
            }
        }
        queueAround(from, to);
    }

    private void queueAround(int from, int to) {
        for (int p : new int[] {from - 1, from, to, to + 1}) {
            if (p > 0 && p < n) {
                queue(order[p]);
            }
        }
    }

    /** Puts a short part that begins or ends at a stop beside a near one. */
    private double transfer(int stop) {
        int p = place[stop];
        for (int length = 1; length <= LONGEST_PART; length++) {
            for (int from : new int[] {p, p - length + 1}) {
                int to = from + length - 1;
                if (from < 1 || to >= n) {
                    continue;
                }
                double freed = step(from - 1, from) + step(to, to + 1);
                if (to + 1 < n) {
                    freed -= step2(from - 1, to + 1);
                }
                if (freed <= LEAST_GAIN) {
                    continue;
                }
                double gain = bestPlace(stop, from, to, freed);
                if (gain > 0) {
                    return gain;
                }
            }
        }
        return 0;
    }

    private double step2(int p, int q) {
        return distance(tx(order[p]), ty(order[p]), hx(order[q]), hy(order[q]));
    }

    private double bestPlace(int stop, int from, int to, double freed) {
        int first = order[from];
        int last = order[to];
        double best = LEAST_GAIN;
        int bestAfter = -1;
        boolean bestTurned = false;
        for (int other : near[stop]) {
            int q = place[other];
            for (int after = q - 1; after <= q; after++) {
                if (after < 0 || after >= from - 1 && after <= to) {
                    continue;
                }
                int a = order[after];
                boolean end = after + 1 >= n;
                int b = end ? -1 : order[after + 1];
                double old = end ? 0 : step(after, after + 1);
                double straight = distance(tx(a), ty(a), hx(first), hy(first))
                        + (end ? 0 : distance(tx(last), ty(last), hx(b), hy(b)));
                double round = distance(tx(a), ty(a), tx(last), ty(last))
                        + (end ? 0 : distance(hx(first), hy(first), hx(b), hy(b)));
                double gain = freed + old - Math.min(straight, round);
                if (gain > best) {
                    best = gain;
                    bestAfter = after;
                    bestTurned = round < straight;
                }
            }
        }
        if (bestAfter < 0) {
            return 0;
        }
        move(from, to, bestAfter, bestTurned);
        return best;
    }

    private void move(int from, int to, int after, boolean round) {
        int length = to - from + 1;
        int[] part = Arrays.copyOfRange(order, from, to + 1);
        if (after < from) {
            for (int i = from - 1; i > after; i--) {
                put(i + length, order[i]);
            }
        } else {
            for (int i = to + 1; i <= after; i++) {
                put(i - length, order[i]);
            }
        }
        int start = after < from ? after + 1 : after - length + 1;
        for (int i = 0; i < length; i++) {
            int s = part[round ? length - 1 - i : i];
            turned[s] ^= round;
            put(start + i, s);
        }
        queueAround(start, start + length - 1);
        int hole = after < from ? to : from - 1;
        queueAround(hole, hole);
    }
}

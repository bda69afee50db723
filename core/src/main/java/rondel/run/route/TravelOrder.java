package rondel.run.route;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/** In which order stops are come to, and which way each is done: the nearest one after the other to begin with, then {@link Tour}; then, for
 *  that order, each stop's way by dynamic programming; and both once more. */
final class TravelOrder {

    /** How many changes are tried for each stop; more than this is hardly ever shorter by a hundredth. */
    private static final int KICKS_EACH = 12;

    /** How many are tried at most. */
    private static final int MOST_KICKS = 10_000;

    /** From how many stops on copying the way for each try would take longer than it saves. */
    private static final int MANY = 3000;

    private static final int ROUNDS = 3;
    private static final long SEED = 20_261;

    private TravelOrder() {}

    /** A stop, and the way it is done. */
    record Visit(int stop, Stop.Way way) {}

    /** @param start where the tool is */
    static List<Visit> of(List<Stop> stops, Point start) {
        if (stops.isEmpty()) {
            return List.of();
        }
        List<Visit> visits = nearestFirst(stops, start);
        for (int round = 0; round < ROUNDS; round++) {
            List<Visit> ordered = reordered(stops, visits, start, round);
            visits = chosenWays(stops, ordered, start);
            if (visits.equals(ordered)) {
                return visits;
            }
        }
        return visits;
    }

    private static List<Visit> nearestFirst(List<Stop> stops, Point start) {
        List<Visit> visits = new ArrayList<>();
        boolean[] done = new boolean[stops.size()];
        Point at = start;
        for (int k = 0; k < stops.size(); k++) {
            Visit best = null;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < stops.size(); i++) {
                if (done[i]) {
                    continue;
                }
                for (Stop.Way w : stops.get(i).ways()) {
                    double d = at.distanceTo(w.in());
                    if (d < least) {
                        least = d;
                        best = new Visit(i, w);
                    }
                }
            }
            visits.add(best);
            done[best.stop()] = true;
            at = best.way().out();
        }
        return visits;
    }

    private static List<Visit> reordered(List<Stop> stops, List<Visit> visits, Point start, int round) {
        int n = visits.size() + 1;
        double[][] ends = new double[n][];
        int[] order = new int[n];
        ends[0] = new double[] {start.x(), start.y(), start.x(), start.y()};
        for (int i = 1; i < n; i++) {
            Stop.Way w = visits.get(i - 1).way();
            ends[i] = new double[] {w.in().x(), w.in().y(), w.out().x(), w.out().y()};
            order[i] = i;
        }
        Tour tour = new Tour(ends, order);
        tour.improve(n > MANY ? 0 : Math.min(MOST_KICKS, KICKS_EACH * n), SEED + round);
        List<Visit> all = new ArrayList<>();
        for (int s : tour.order()) {
            if (s > 0) {
                Visit v = visits.get(s - 1);
                Stop.Way way = v.way();
                if (tour.isTurned(s) && stops.get(v.stop()).open()) {
                    Stop.Way back = way;
                    way = stops.get(v.stop()).ways().stream()
                            .filter(w -> w.in().equals(back.out()))
                            .findFirst()
                            .orElse(way);
                }
                all.add(new Visit(v.stop(), way));
            }
        }
        return all;
    }

    /** The ways that make a given order shortest (Viterbi). */
    private static List<Visit> chosenWays(List<Stop> stops, List<Visit> visits, Point start) {
        int n = visits.size();
        double[][] cost = new double[n][];
        int[][] from = new int[n][];
        for (int i = 0; i < n; i++) {
            List<Stop.Way> ways = stops.get(visits.get(i).stop()).ways();
            cost[i] = new double[ways.size()];
            from[i] = new int[ways.size()];
            for (int w = 0; w < ways.size(); w++) {
                Point in = ways.get(w).in();
                if (i == 0) {
                    cost[i][w] = start.distanceTo(in);
                    continue;
                }
                List<Stop.Way> before = stops.get(visits.get(i - 1).stop()).ways();
                double least = Double.POSITIVE_INFINITY;
                for (int b = 0; b < before.size(); b++) {
                    double c = cost[i - 1][b] + before.get(b).out().distanceTo(in);
                    if (c < least) {
                        least = c;
                        from[i][w] = b;
                    }
                }
                cost[i][w] = least;
            }
        }
        int way = 0;
        for (int w = 1; w < cost[n - 1].length; w++) {
            way = cost[n - 1][w] < cost[n - 1][way] ? w : way;
        }
        Visit[] chosen = new Visit[n];
        for (int i = n - 1; i >= 0; i--) {
            int stop = visits.get(i).stop();
            chosen[i] = new Visit(stop, stops.get(stop).ways().get(way));
            way = from[i][way];
        }
        return List.of(chosen);
    }
}

package rondel.gang.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import rondel.job.NestResult.Place;

/** Puts pieces that were cut out of one another back beside each other, where they were: pieces of one sheet that was cut by any lines, in any order
 *  and turned by quarters. Sides that were one cut have the same chords, run in opposite directions; where many chords of two pieces ask for
 *  the same move, the pieces belong together (pose clustering, Stockman 1987). Only pieces that touch can be put so: it is of use where
 *  there is no gutter. */
final class Reassembly {

    /** Chords and moves that differ by less are the same, in mm. */
    private static final double SAME = 0.02;

    /** Shorter chords say little, in mm. */
    private static final double SHORTEST = 0.05;

    /** How many chords two pieces have in common at least, where they belong together. */
    private static final int LEAST = 4;

    /** What pieces may overlap by, as a share of the smaller one's area: curves are flattened. */
    private static final double OVERLAP = 1e-4;

    /** More chords of the same length and direction than this tell nothing: they are of grids, or of copies. */
    private static final int MOST_ALIKE = 64;

    private final List<Geometry> shapes;

    private Reassembly(List<Geometry> shapes) {
        this.shapes = shapes;
    }

    /** A chord of a piece in one of its four turns. */
    private record Chord(int piece, int quarters, double x, double y, double length) {}

    /** That piece {@code b}, so often turned by a quarter against {@code a} and moved, lies beside it. */
    private record Match(int a, int b, int quarters, double dx, double dy, double length) {}

    private record Pair(int a, int b, int quarters) {}

    private record Move(long x, long y) {}

    /** Where the pieces lie so that all are together again, from the corner of an area; nothing where they do not belong together,
     *  or lie on no such area so.
     *
     * @param width of the area, in mm, and {@code length} */
    static Optional<List<Place>> of(List<Geometry> shapes, double width, double length) {
        Reassembly all = new Reassembly(shapes);
        return all.assembled(all.matches()).flatMap(a -> all.fitted(a, width, length));
    }

    private static double[] turned(double x, double y, int quarters) {
        return switch (quarters & 3) {
            case 1 -> new double[] {-y, x};
            case 2 -> new double[] {-x, -y};
            case 3 -> new double[] {y, -x};
            default -> new double[] {x, y};
        };
    }

    private List<Match> matches() {
        Map<Move, List<Chord>> byVector = new HashMap<>();
        for (int i = 0; i < shapes.size(); i++) {
            Coordinate[] c = shapes.get(i).getGeometryN(0).getCoordinates();
            for (int k = 0; k + 1 < c.length; k++) {
                double length = c[k].distance(c[k + 1]);
                for (int q = 0; q < 4 && length >= SHORTEST; q++) {
                    double[] v = turned(c[k + 1].x - c[k].x, c[k + 1].y - c[k].y, q);
                    double[] m = turned((c[k].x + c[k + 1].x) / 2, (c[k].y + c[k + 1].y) / 2, q);
                    byVector.computeIfAbsent(key(v[0], v[1]), x -> new ArrayList<>())
                            .add(new Chord(i, q, m[0], m[1], length));
                }
            }
        }
        Map<Pair, Map<Move, List<double[]>>> votes = new HashMap<>();
        for (int i = 0; i < shapes.size(); i++) {
            Coordinate[] c = shapes.get(i).getGeometryN(0).getCoordinates();
            for (int k = 0; k + 1 < c.length; k++) {
                vote(i, c[k], c[k + 1], byVector, votes);
            }
        }
        List<Match> matches = new ArrayList<>();
        votes.forEach((pair, moves) -> best(pair, moves).ifPresent(matches::add));
        return matches;
    }

    private static Move key(double x, double y) {
        return new Move(Math.round(x / SAME), Math.round(y / SAME));
    }

    private static void vote(
            int piece,
            Coordinate from,
            Coordinate to,
            Map<Move, List<Chord>> byVector,
            Map<Pair, Map<Move, List<double[]>>> votes) {
        if (from.distance(to) < SHORTEST) {
            return;
        }
        Move opposite = key(from.x - to.x, from.y - to.y);
        double mx = (from.x + to.x) / 2;
        double my = (from.y + to.y) / 2;
        for (long dx = -1; dx <= 1; dx++) {
            for (long dy = -1; dy <= 1; dy++) {
                List<Chord> alike = byVector.getOrDefault(new Move(opposite.x + dx, opposite.y + dy), List.of());
                if (alike.size() > MOST_ALIKE) {
                    continue;
                }
                for (Chord c : alike) {
                    if (c.piece != piece) {
                        double x = mx - c.x;
                        double y = my - c.y;
                        votes.computeIfAbsent(new Pair(piece, c.piece, c.quarters), p -> new HashMap<>())
                                .computeIfAbsent(
                                        new Move(Math.round(x / SAME / 4), Math.round(y / SAME / 4)),
                                        m -> new ArrayList<>())
                                .add(new double[] {x, y, c.length});
                    }
                }
            }
        }
    }

    private static Optional<Match> best(Pair pair, Map<Move, List<double[]>> moves) {
        return moves.values().stream()
                .filter(v -> v.size() >= LEAST)
                .max(Comparator.comparingDouble(
                        v -> v.stream().mapToDouble(d -> d[2]).sum()))
                .map(v -> new Match(
                        pair.a,
                        pair.b,
                        pair.quarters,
                        median(v, 0),
                        median(v, 1),
                        v.stream().mapToDouble(d -> d[2]).sum()));
    }

    /** Most chords agree to the last digit; a few of their neighbours, which are much like them, ask for almost the same. */
    private static double median(List<double[]> votes, int axis) {
        double[] sorted = votes.stream().mapToDouble(d -> d[axis]).sorted().toArray();
        return sorted[sorted.length / 2];
    }

    /** Each piece's turn by quarters and its place, beginning with the largest; nothing where not all come together. */
    private Optional<double[][]> assembled(List<Match> matches) {
        int n = shapes.size();
        Map<Integer, List<Match>> of = new HashMap<>();
        matches.forEach(m -> of.computeIfAbsent(m.a, a -> new ArrayList<>()).add(m));
        double[][] place = new double[n][];
        Geometry[] put = new Geometry[n];
        int root = 0;
        for (int i = 1; i < n; i++) {
            root = shapes.get(i).getArea() > shapes.get(root).getArea() ? i : root;
        }
        PriorityQueue<Match> open = new PriorityQueue<>(Comparator.comparingDouble((Match m) -> -m.length)
                .thenComparing(Match::a)
                .thenComparing(Match::b)
                .thenComparing(Match::quarters));
        put(root, new double[] {0, 0, 0}, place, put);
        open.addAll(of.getOrDefault(root, List.of()));
        int done = 1;
        while (!open.isEmpty() && done < n) {
            Match m = open.poll();
            if (place[m.b] != null) {
                continue;
            }
            double[] a = place[m.a];
            double[] moved = turned(m.dx, m.dy, (int) a[2]);
            double[] at = {a[0] + moved[0], a[1] + moved[1], ((int) a[2] + m.quarters) & 3};
            if (isFree(m.b, at, put)) {
                put(m.b, at, place, put);
                open.addAll(of.getOrDefault(m.b, List.of()));
                done++;
            }
        }
        return done == n ? Optional.of(place) : Optional.empty();
    }

    private Geometry at(int piece, double[] place) {
        return quarter((int) place[2]).translate(place[0], place[1]).transform(shapes.get(piece));
    }

    private static AffineTransformation quarter(int quarters) {
        double[] x = turned(1, 0, quarters);
        double[] y = turned(0, 1, quarters);
        return new AffineTransformation(x[0], y[0], 0, x[1], y[1], 0);
    }

    private void put(int piece, double[] at, double[][] place, Geometry[] put) {
        place[piece] = at;
        put[piece] = at(piece, at);
    }

    private boolean isFree(int piece, double[] at, Geometry[] put) {
        Geometry g = at(piece, at);
        for (Geometry other : put) {
            if (other != null
                    && other.getEnvelopeInternal().intersects(g.getEnvelopeInternal())
                    && overlap(g, other) > OVERLAP * Math.min(g.getArea(), other.getArea())) {
                return false;
            }
        }
        return true;
    }

    private static double overlap(Geometry a, Geometry b) {
        return org.locationtech.jts.operation.overlayng.OverlayNGRobust.overlay(
                        a, b, org.locationtech.jts.operation.overlayng.OverlayNG.INTERSECTION)
                .getArea();
    }

    /** All turned together so that they lie on the area, the shortest way. */
    private Optional<List<Place>> fitted(double[][] place, double width, double length) {
        Optional<List<Place>> best = Optional.empty();
        double shortest = length + SAME;
        for (int q = 0; q < 4; q++) {
            double[][] all = new double[place.length][];
            Envelope around = new Envelope();
            for (int i = 0; i < place.length; i++) {
                double[] moved = turned(place[i][0], place[i][1], q);
                all[i] = new double[] {moved[0], moved[1], ((int) place[i][2] + q) & 3};
                around.expandToInclude(at(i, all[i]).getEnvelopeInternal());
            }
            if (around.getWidth() <= width + SAME / 4 && around.getHeight() < shortest) {
                shortest = around.getHeight();
                List<Place> places = new ArrayList<>();
                for (double[] p : all) {
                    places.add(new Place(0, p[0] - around.getMinX(), p[1] - around.getMinY(), 90 * p[2]));
                }
                best = Optional.of(places);
            }
        }
        return best;
    }
}

package rondel.lines.filling;

import java.util.List;
import java.util.SplittableRandom;
import rondel.job.FillingShape;

/** Looks for places where a copy fits, as large as may be and close to what is there: many tries at random, and the best of
 *  them moved, turned and sized in ever smaller steps. */
final class Search {

    private static final double CLOSE = 0.3;
    private static final double LIKELY_CONTACT = 0.55;

    private final FreeSpace space;
    private final List<Motif> motifs;
    private final FillingShape shape;
    private final SplittableRandom random;
    private final double snug;
    private final double inner;
    private final double[] used;
    private final Fitting fitting;

    Search(FreeSpace space, List<Motif> motifs, FillingShape shape, SplittableRandom random) {
        this.space = space;
        this.motifs = motifs;
        this.shape = shape;
        this.random = random;
        this.snug = shape.from() / 4;
        this.inner = motifs.stream().mapToDouble(m -> m.circles()[2]).min().orElse(0);
        this.used = new double[motifs.size()];
        this.fitting = new Fitting(space, motifs);
    }

    private record Try(Spot spot, double score) {

        /** The size below which another can't well be better, however close it comes to what is there. */
        double bar(double most) {
            return (score - CLOSE * LIKELY_CONTACT) * most;
        }
    }

    /** A place for one more copy within a circle; nothing where none of at least {@code least} is found.
     *
     * @param most the longer side of the largest, in mm */
    Spot find(double x, double y, double radius, double least, double most, int tries) {
        List<double[]> places = space.openPlaces(x, y, radius, 0.92 * inner * least, tries, random);
        countUses();
        Try first = null;
        Try second = null;
        for (double[] place : places) {
            Try one =
                    tried(place[0], place[1], motif(), angle(), flipped(), second == null ? 0 : second.bar(most), most);
            if (first == null || one.score > first.score) {
                second = first;
                first = one;
            } else if (second == null || one.score > second.score) {
                second = one;
            }
        }
        if (first == null) {
            return null;
        }
        Try best = climbed(first, most, 26);
        if (second != null) {
            Try other = climbed(second, most, 26);
            best = other.score > best.score ? other : best;
        }
        return best.spot.size() >= least ? best.spot : null;
    }

    /** One that has been taken out, moved by a distance as far as there is room, and close to what is there; nothing where it
     *  fits nowhere. */
    Spot shoved(Spot spot, double dx, double dy, double most) {
        Try best = null;
        for (double part = 1; part > -0.3; part -= 0.25) {
            Try one = tried(
                    spot.x() + part * dx,
                    spot.y() + part * dy,
                    spot.motif(),
                    spot.angle(),
                    spot.mirrored(),
                    best == null ? 0 : best.bar(most),
                    most);
            best = best == null || one.score > best.score ? one : best;
        }
        best = climbed(best, most, 18);
        return best.spot.size() >= Math.max(shape.from(), spot.size() * 0.8) ? best.spot : null;
    }

    private void countUses() {
        java.util.Arrays.fill(used, 0);
        for (Placed p : space.placed()) {
            used[p.spot().motif().index()] += p.spot().area();
        }
    }

    /** Of two at random the one that covers less so far. */
    private Motif motif() {
        Motif a = motifs.get(random.nextInt(motifs.size()));
        Motif b = motifs.get(random.nextInt(motifs.size()));
        return used[a.index()] <= used[b.index()] ? a : b;
    }

    private double angle() {
        return Math.toRadians(shape.turning()) * (2 * random.nextDouble() - 1);
    }

    private boolean flipped() {
        return shape.mirrored() && random.nextBoolean();
    }

    private Try climbed(Try from, double most, int steps) {
        Try best = from;
        double reach = Math.max(best.spot.size(), shape.from()) * 0.12;
        double turn = Math.min(Math.toRadians(shape.turning()), 0.5);
        double limit = Math.toRadians(shape.turning());
        for (int i = 0; i < steps; i++) {
            Spot s = best.spot;
            double angle = s.angle();
            if (turn > 0) {
                double wanted = angle + turn * (2 * random.nextDouble() - 1);
                angle = shape.turning() >= 180 ? wanted : Math.clamp(wanted, -limit, limit);
            }
            double x = s.x() + reach * (2 * random.nextDouble() - 1);
            double y = s.y() + reach * (2 * random.nextDouble() - 1);
            Try one = tried(x, y, s.motif(), angle, s.mirrored(), best.bar(most), most);
            if (one.score > best.score) {
                best = one;
            } else {
                reach *= 0.9;
                turn *= 0.9;
            }
        }
        return best;
    }

    private Try tried(double x, double y, Motif motif, double angle, boolean mirrored, double bar, double most) {
        double room = space.at(x, y);
        Spot spot = new Spot(motif, x, y, angle, shape.from(), mirrored);
        double least = motif.circles()[2] * shape.from();
        double limit = Math.min(most, room / motif.circles()[2]);
        if (room < least || limit < bar) {
            return new Try(spot.sized(0), Math.min(room / least, 1) - 2);
        }
        fitting.at(spot);
        double fits = Math.max(bar, shape.from());
        if (!fitting.fits(fits)) {
            return new Try(spot.sized(0), -1);
        }
        Spot there = spot.sized(fitting.largest(fits, limit));
        return new Try(there, there.size() / most + CLOSE * fitting.contact(there.size(), snug));
    }
}

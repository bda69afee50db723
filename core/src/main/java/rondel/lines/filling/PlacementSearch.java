package rondel.lines.filling;

import java.util.List;
import java.util.SplittableRandom;
import rondel.job.FillingSettings;

/** Looks for places where a copy fits, as large as may be and close to what is there: many tries at random, and the best of
 *  them moved, turned and sized in ever smaller steps. */
final class PlacementSearch {

    private final FreeSpace space;
    private final List<Motif> motifs;
    private final FillingSettings settings;
    private final SplittableRandom random;
    private final double snug;
    private final double inner;
    private final double[] used;
    private final LargestSize largest;

    PlacementSearch(FreeSpace space, List<Motif> motifs, FillingSettings settings, SplittableRandom random) {
        this.space = space;
        this.motifs = motifs;
        this.settings = settings;
        this.random = random;
        this.snug = settings.from() / 4;
        this.inner = motifs.stream().mapToDouble(m -> m.circles()[2]).min().orElse(0);
        this.used = new double[motifs.size()];
        this.largest = new LargestSize(space, motifs);
    }

    private record Try(Placement placement, double score) {

        /** The size below which another can't well be better, however close it comes to what is there. */
        double bar(double most) {
            return (score - FillingTuning.CLOSENESS * FillingTuning.LIKELY_CONTACT) * most;
        }
    }

    /** A place for one more copy within a circle; nothing where none of at least {@code least} is found.
     *
     * @param most the longer side of the largest, in mm */
    Placement find(double x, double y, double radius, double least, double most, int tries) {
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
        return best.placement.size() >= least ? best.placement : null;
    }

    /** One that has been taken out, moved by a distance as far as there is room, and close to what is there; nothing where it
     *  fits nowhere. */
    Placement shoved(Placement placement, double dx, double dy, double most) {
        Try best = null;
        for (double part = 1; part > -0.3; part -= 0.25) {
            Try one = tried(
                    placement.x() + part * dx,
                    placement.y() + part * dy,
                    placement.motif(),
                    placement.angle(),
                    placement.mirrored(),
                    best == null ? 0 : best.bar(most),
                    most);
            best = best == null || one.score > best.score ? one : best;
        }
        best = climbed(best, most, 18);
        return best.placement.size() >= Math.max(settings.from(), placement.size() * 0.8) ? best.placement : null;
    }

    private void countUses() {
        java.util.Arrays.fill(used, 0);
        for (CopyDistances p : space.placed()) {
            used[p.placement().motif().index()] += p.placement().area();
        }
    }

    /** Of two at random the one that covers less so far. */
    private Motif motif() {
        Motif a = motifs.get(random.nextInt(motifs.size()));
        Motif b = motifs.get(random.nextInt(motifs.size()));
        return used[a.index()] <= used[b.index()] ? a : b;
    }

    private double angle() {
        return Math.toRadians(settings.turning()) * (2 * random.nextDouble() - 1);
    }

    private boolean flipped() {
        return settings.mirrored() && random.nextBoolean();
    }

    private Try climbed(Try from, double most, int steps) {
        Try best = from;
        double reach = Math.max(best.placement.size(), settings.from()) * 0.12;
        double turn = Math.min(Math.toRadians(settings.turning()), 0.5);
        double limit = Math.toRadians(settings.turning());
        for (int i = 0; i < steps; i++) {
            Placement s = best.placement;
            double angle = s.angle();
            if (turn > 0) {
                double wanted = angle + turn * (2 * random.nextDouble() - 1);
                angle = settings.turning() >= 180 ? wanted : Math.clamp(wanted, -limit, limit);
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
        Placement placement = new Placement(motif, x, y, angle, settings.from(), mirrored);
        double least = motif.circles()[2] * settings.from();
        double limit = Math.min(most, room / motif.circles()[2]);
        if (room < least || limit < bar) {
            return new Try(placement.sized(0), Math.min(room / least, 1) - 2);
        }
        largest.at(placement);
        double fits = Math.max(bar, settings.from());
        if (!largest.fits(fits)) {
            return new Try(placement.sized(0), -1);
        }
        Placement there = placement.sized(largest.largest(fits, limit));
        return new Try(there, there.size() / most + FillingTuning.CLOSENESS * largest.contact(there.size(), snug));
    }
}

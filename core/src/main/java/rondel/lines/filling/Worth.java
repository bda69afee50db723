package rondel.lines.filling;

import java.util.Arrays;
import java.util.List;

/** What a filling lacks besides what it does not cover: the outline is to be read without its line, and every drawing to be
 *  seen. */
final class Worth {

    /** How much what is missed of the outline counts, against what is not covered: less until the copies cover about what
     *  they can, and more beyond. */
    private static final double LEAST_MISSED = 0.5;

    private static final double MOST_MISSED = 8;
    private static final double STEEP = 1_000;

    /** The share of an outline that round copies can cover; others as much less as they cover less of their own boxes. */
    private static final double FULL = 0.801;

    private static final double FULLNESS = 1.266;

    /** The part of its fair share of the room that each motif takes at least, or else more of it counts more. */
    private static final double FAIR = 0.4;

    private final Notches notches;
    private final int motifs;
    private final double full;

    Worth(Notches notches, List<Motif> motifs) {
        this.notches = notches;
        this.motifs = motifs.size();
        this.full = Math.min(
                FULL,
                FULLNESS * motifs.stream().mapToDouble(Motif::area).average().orElse(1));
    }

    Notches notches() {
        return notches;
    }

    /** As the area, in mm², that would weigh as much if it were not covered.
     *
     * @param covered the share of the outline that is covered
     * @param part of the grid in which the outline is looked at */
    double lacking(List<Placed> copies, double covered, Window part) {
        double counts = Math.clamp(LEAST_MISSED + (covered - full) * STEEP, LEAST_MISSED, MOST_MISSED);
        return counts * notches.missed(copies, part) + crowdedOut(copies);
    }

    /** How much room motifs lack that take much less of it than others do, the more the more they lack. A copy takes the
     *  square of its size, however little of that it covers. */
    private double crowdedOut(List<Placed> copies) {
        double[] taken = new double[motifs];
        for (Placed p : copies) {
            taken[p.spot().motif().index()] += p.spot().size() * p.spot().size();
        }
        double all = Arrays.stream(taken).sum();
        double least = FAIR * all / motifs;
        double sum = 0;
        for (double room : taken) {
            double lacking = Math.max(0, least - room) / FAIR;
            sum += lacking * lacking;
        }
        return all == 0 ? 0 : sum / all;
    }
}

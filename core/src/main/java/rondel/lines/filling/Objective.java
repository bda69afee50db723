package rondel.lines.filling;

import java.util.Arrays;
import java.util.List;

/** What a filling lacks besides what it does not cover: the outline is to be read without its line, and every drawing to be
 *  seen. */
final class Objective {

    private final MorphologicalClosing closing;
    private final int motifs;
    private final double full;

    Objective(MorphologicalClosing closing, List<Motif> motifs) {
        this.closing = closing;
        this.motifs = motifs.size();
        this.full = Math.min(
                FillingTuning.FULL,
                FillingTuning.FULLNESS
                        * motifs.stream().mapToDouble(Motif::area).average().orElse(1));
    }

    MorphologicalClosing closing() {
        return closing;
    }

    /** As the area, in mm², that would weigh as much if it were not covered.
     *
     * @param covered the share of the outline that is covered
     * @param part of the grid in which the outline is looked at */
    double lacking(List<CopyDistances> copies, double covered, GridWindow part) {
        double counts = Math.clamp(
                FillingTuning.LEAST_MISSED + (covered - full) * FillingTuning.MISSED_SLOPE,
                FillingTuning.LEAST_MISSED,
                FillingTuning.MOST_MISSED);
        return counts * closing.missed(copies, part) + crowdedOut(copies);
    }

    /** How much room motifs lack that take much less of it than others do, the more the more they lack. A copy takes the
     *  square of its size, however little of that it covers. */
    private double crowdedOut(List<CopyDistances> copies) {
        double[] taken = new double[motifs];
        for (CopyDistances p : copies) {
            taken[p.placement().motif().index()] +=
                    p.placement().size() * p.placement().size();
        }
        double all = Arrays.stream(taken).sum();
        double least = FillingTuning.FAIR_SHARE * all / motifs;
        double sum = 0;
        for (double room : taken) {
            double lacking = Math.max(0, least - room) / FillingTuning.FAIR_SHARE;
            sum += lacking * lacking;
        }
        return all == 0 ? 0 : sum / all;
    }
}

package rondel.run.stitch;

import java.util.Arrays;
import java.util.List;

/** How long a machine takes for what it is told.
 *
 * @param stitchesPerMinute while it sews
 * @param jump for a move without a stitch, in s
 * @param trim for cutting the thread, in s
 * @param change for another thread, put in by hand, in s */
public record SewingMachine(double stitchesPerMinute, double jump, double trim, double change) {

    /** How much more thread goes into cloth than lies on it: down and up again at each stitch. */
    private static final double TAKE_UP = 1.15;

    /** What is left over at a cut, in mm. */
    private static final double TAIL = 30;

    /** A small machine with one needle. */
    public static final SewingMachine USUAL = new SewingMachine(600, 0.2, 5, 40);

    /** When it is done with each stitch, in s from its start.
     *
     * @return one for each of {@link StitchPattern#stitches()} */
    public double[] ends(StitchPattern pattern) {
        double[] ends = new double[pattern.stitches().size()];
        double at = 0;
        int i = 0;
        for (int r = 0; r < pattern.runs().size(); r++) {
            at += r > 0 ? change : 0;
            for (Stitch s : pattern.runs().get(r).stitches()) {
                at += seconds(s.move());
                ends[i++] = at;
            }
        }
        return ends;
    }

    private double seconds(Stitch.Move move) {
        return switch (move) {
            case SEW -> 60 / stitchesPerMinute;
            case JUMP -> jump;
            case TRIM -> trim;
        };
    }

    /** How long it takes for all, in s. */
    public double seconds(StitchPattern pattern) {
        double[] ends = ends(pattern);
        return ends.length == 0 ? 0 : ends[ends.length - 1];
    }

    /** How many stitches are made after so many seconds. */
    public static int made(double[] ends, double seconds) {
        int at = Arrays.binarySearch(ends, seconds + 1e-9);
        return at >= 0 ? at + 1 : -at - 1;
    }

    /** How much thread a run takes, in mm: what lies on the cloth, what goes down through it, and the ends at each cut.
     *
     * @param stitches in their order */
    public static double thread(List<Stitch> stitches) {
        double onCloth = new StitchPattern(List.of(new ThreadRun(rondel.job.Rgba.BLACK, stitches))).threadLength();
        long cuts = stitches.stream().filter(s -> s.move() != Stitch.Move.SEW).count();
        return onCloth * TAKE_UP + cuts * TAIL;
    }
}

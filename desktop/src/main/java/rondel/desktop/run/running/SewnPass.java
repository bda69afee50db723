package rondel.desktop.run.running;

import java.util.List;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.run.passes.Pass;
import rondel.run.stitch.PassStitches;
import rondel.run.stitch.SewingMachine;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;

/** A pass of stitches, worked out.
 *
 * @param stitches of all threads, in their order
 * @param ends when each of them is made, in s
 * @param downs how many times the needle has gone down by the end of each */
public record SewnPass(
        Pass pass, Sheet sheet, StitchPattern pattern, List<Stitch> stitches, double[] ends, int[] downs) {

    /** Slow. */
    static SewnPass of(Job job, Sheet sheet, Pass pass) {
        StitchPattern pattern = PassStitches.of(job, sheet.id(), pass);
        List<Stitch> stitches = pattern.stitches();
        return new SewnPass(pass, sheet, pattern, stitches, SewingMachine.USUAL.ends(pattern), downs(stitches));
    }

    private static int[] downs(List<Stitch> stitches) {
        int[] downs = new int[stitches.size()];
        int sewn = 0;
        for (int i = 0; i < downs.length; i++) {
            sewn += stitches.get(i).move() == Stitch.Move.SEW ? 1 : 0;
            downs[i] = sewn;
        }
        return downs;
    }

    public double seconds() {
        return ends.length == 0 ? 0 : ends[ends.length - 1];
    }

    /** How many moves are made after so many seconds. */
    public int made(double seconds) {
        return SewingMachine.made(ends, seconds);
    }

    /** When so many moves are made, in s. */
    public double when(int moves) {
        return moves <= 0 || ends.length == 0 ? 0 : ends[Math.min(moves, ends.length) - 1];
    }

    /** How many times the needle has gone down after so many moves. */
    public int needled(int moves) {
        return moves <= 0 || downs.length == 0 ? 0 : downs[Math.min(moves, downs.length) - 1];
    }

    /** Where the needle is after so many moves. */
    public Point needle(int moves) {
        return stitches.isEmpty()
                ? Point.ORIGIN
                : stitches.get(Math.clamp(moves - 1, 0, stitches.size() - 1)).at();
    }
}

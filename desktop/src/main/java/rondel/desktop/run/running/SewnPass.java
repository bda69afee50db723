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
 * @param ends when each of them is made, in s */
public record SewnPass(Pass pass, Sheet sheet, StitchPattern pattern, List<Stitch> stitches, double[] ends) {

    /** Slow. */
    static SewnPass of(Job job, Sheet sheet, Pass pass) {
        StitchPattern pattern = PassStitches.of(job, sheet.id(), pass);
        return new SewnPass(pass, sheet, pattern, pattern.stitches(), SewingMachine.USUAL.ends(pattern));
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
        return (int) stitches.stream()
                .limit(moves)
                .filter(s -> s.move() == Stitch.Move.SEW)
                .count();
    }

    /** Where the needle is after so many moves. */
    public Point needle(int moves) {
        return stitches.isEmpty()
                ? Point.ORIGIN
                : stitches.get(Math.clamp(moves - 1, 0, stitches.size() - 1)).at();
    }
}

package rondel.job;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.fields.Degrees;
import rondel.fields.Mm;

/** How an outline is filled with copies of drawings; lengths in mm.
 *
 * @param from the longer side of the smallest copies
 * @param to the longer side of the largest
 * @param count the most copies; without it, as many as there is room for
 * @param density the share of the outline that is covered at most, 0 to 1; the room left over is spread between the copies
 * @param turning how far copies are turned from how their drawing stands, either way, in degrees: 0 for not at all, 180 for freely
 * @param gap the least distance between copies; they may touch the outline
 * @param mirrored whether copies may be mirrored
 * @param seed the same seed fills the same way
 * @param rounds how often a few copies are taken out and put in anew, kept when more is covered */
public record FillingSettings(
        @Mm double from,
        @Mm double to,
        OptionalInt count,
        OptionalDouble density,
        @Degrees double turning,
        @Mm double gap,
        boolean mirrored,
        long seed,
        int rounds) {

    public static final FillingSettings USUAL =
            new FillingSettings(8, 38, OptionalInt.empty(), OptionalDouble.empty(), 180, 1, true, 1, 400);

    public FillingSettings withSeed(long other) {
        return new FillingSettings(from, to, count, density, turning, gap, mirrored, other, rounds);
    }

    public FillingSettings withGap(double other) {
        return new FillingSettings(from, to, count, density, turning, other, mirrored, seed, rounds);
    }

    public FillingSettings withRounds(int other) {
        return new FillingSettings(from, to, count, density, turning, gap, mirrored, seed, other);
    }
}

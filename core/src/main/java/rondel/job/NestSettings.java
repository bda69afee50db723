package rondel.job;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** How true shapes are packed.
 *
 * @param gutter the least distance between pieces, in mm
 * @param edge the least distance from the edge of what can be used, in mm
 * @param holes whether small pieces may lie in holes of large ones
 * @param grain how pieces stand to the fibres of the stock, where it says which way they run
 * @param seed the same seed and rounds give the same on any machine
 * @param rounds how long it is tried to do better: about so many hundred moves of every piece */
public record NestSettings(
        @Mm @LeftOut("2") double gutter,
        @Mm @LeftOut("0") double edge,
        @LeftOut("quarter") Turns turns,
        @LeftOut("true") boolean holes,
        @LeftOut("any") Grain grain,
        @LeftOut("1") long seed,
        @LeftOut("20") int rounds) {

    /** How pieces may be turned. */
    public enum Turns {
        NONE,
        HALF,
        QUARTER,
        FREE
    }

    /** How pieces stand to the fibres of the stock. */
    public enum Grain {
        ANY,
        /** What stands upright in the design runs along the fibres. */
        ALONG,
        ACROSS
    }

    private static final int MOST_ROUNDS = 10_000;

    public static final NestSettings USUAL = new NestSettings(2, 0, Turns.QUARTER, true, Grain.ANY, 1, 20);

    /** @throws Refusal if a length is below 0 or no number, or there are no rounds */
    public NestSettings {
        if (!(gutter >= 0 && edge >= 0 && Double.isFinite(gutter) && Double.isFinite(edge))) {
            throw Refusal.of("rows.gutter");
        }
        if (rounds < 0 || rounds > MOST_ROUNDS) {
            throw Refusal.of("nest.rounds", MOST_ROUNDS);
        }
    }

    public NestSettings withGutter(double other) {
        return new NestSettings(other, edge, turns, holes, grain, seed, rounds);
    }

    public NestSettings withTurns(Turns other) {
        return new NestSettings(gutter, edge, other, holes, grain, seed, rounds);
    }

    public NestSettings withSeed(long other) {
        return new NestSettings(gutter, edge, turns, holes, grain, other, rounds);
    }

    public NestSettings withRounds(int other) {
        return new NestSettings(gutter, edge, turns, holes, grain, seed, other);
    }
}

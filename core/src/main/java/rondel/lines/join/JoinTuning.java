package rondel.lines.join;

/** Figures that joining goes by. */
public final class JoinTuning {

    /** Ends so near meet, in mm: each moves by half of it, and drafting programs and rounding leave less. */
    public static final double TOLERANCE = 0.1;

    /** A chain whose own two ends are so near, in mm, may be closed by a straight line … */
    public static final double NEAR = 1;

    /** … if that is no more than this share of its length. */
    static final double NEAR_SHARE = 0.1;

    /** Distances are told apart in steps of this share of the tolerance; within one, the straightest goes first. */
    static final double STEP = 0.25;

    /** A line shorter than this many tolerances does not close on itself. */
    static final double SHORTEST_LOOP = 4;

    private JoinTuning() {}
}

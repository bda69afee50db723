package rondel.gang.nest;

/** The constants of the search. Lengths are shares of sizes of the pieces, so that a millimetre or a metre is packed alike. */
final class NestTuning {

    private NestTuning() {}

    /** How far a piece's polygon may be outside its true outline, as a share of the side of a square of the pieces' mean area, and between which
     *  lengths in mm. */
    static final double SLACK = 0.0025;

    static final double LEAST_SLACK = 0.01;
    static final double MOST_SLACK = 0.15;

    /** How many circles stand for a shape at most, what share of its area they should cover, and how small they may be for the largest. */
    static final int MOST_CIRCLES = 16;

    static final double COVERED = 0.88;
    static final double SMALLEST_CIRCLE = 0.1;

    /** Cells across the larger side where circles are looked for. */
    static final int CIRCLE_GRID = 48;

    /** From which share of the larger diameter circles that do not meet count as far apart. */
    static final double NEAR = 0.01;

    /** Places that are tried anywhere, and near where the piece is, and how many of the best are improved. */
    static final int ANYWHERE = 40;

    static final int NEARBY = 20;
    static final int IMPROVED = 3;

    /** First and last step of the descent, as shares of the piece's smaller side; turns in degrees. */
    static final double FIRST_STEP = 0.25;

    static final double LAST_STEP = 0.02;
    static final double FINEST_STEP = 0.001;
    static final double FIRST_TURN = 20;
    static final double NEARBY_TURN = 30;

    /** How a step grows after it has helped, and shrinks after it has not. */
    static final double STEP_UP = 1.1;

    static final double STEP_DOWN = 0.5;

    /** By what the weights of overlaps that stay are raised, the largest most, and by what the others sink. */
    static final double LEAST_RISE = 1.2;

    static final double MOST_RISE = 2.0;
    static final double SINK = 0.95;

    /** How many sweeps without less overlap end a try, and how many tries are made. */
    static final int SWEEPS = 100;

    static final int STRIKES = 3;

    /** What counts as less overlap: the share that is left. */
    static final double LESS = 0.98;

    /** By what the stock is shortened at first. */
    static final double CONDENSE = 0.16;

    /** How dense pieces may be thought to become, as a share of the area, when it is guessed how many sheets are worth a try. */
    static final double DENSE = 0.7;

    /** By what the stock is shortened while the search explores, and at first and at last while it compresses. */
    static final double EXPLORE = 0.01;

    static final double COMPRESS_FIRST = 0.005;
    static final double COMPRESS_LAST = 0.0003;

    /** What share of the work is spent on exploring, and after how many failures in a row it ends. */
    static final double EXPLORING = 0.6;

    static final int FAILURES = 6;

    /** From which share of the stock on pieces that were put together again are not searched any further. */
    static final double FULL = 0.95;

    /** Moves of every piece in one round. */
    static final int MOVES_A_ROUND = 100;

    /** Searches that run beside each other with seeds of their own; the same number on every machine, so that all find the same. */
    static final int SEARCHES = 2;

    /** More pieces are not packed by shape. */
    static final int MOST_PIECES = 2_000;
}

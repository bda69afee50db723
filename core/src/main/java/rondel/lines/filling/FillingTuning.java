package rondel.lines.filling;

/** What fillings are tuned by: figures without a reason in theory, found by trying on the demo and on the benches. */
final class FillingTuning {

    // Annealing (AnnealingSchedule, Filling)
    /** The loss accepted at first once in e times: half the smallest copy's size squared. More loses what greedy placing won. */
    static final double FIRST_HEAT = 0.5;

    /** Rounds in which that falls to a part in e: by the usual 400 rounds hardly any loss is accepted. */
    static final double COOLING_ROUNDS = 150;

    /** Rounds in which the widest place of a change shrinks to a part in e. */
    static final double NARROWING_ROUNDS = 415;

    /** The least that it shrinks to, as a share of the first: narrower ones hold one copy, which can only be put back. */
    static final double NARROWEST = 0.25;

    /** Changes tried side by side. Not the number of processors: the result must not depend on the machine. */
    static final int PROPOSERS = 4;

    /** From one size tried at first to the next smaller: finer steps take longer and cover hardly more. */
    static final double FIRST_SHRINK = 1.22;

    /** Changes that are tried in a round: more of simple drawings, whose changes take less time, the shorter their outlines are. */
    static final int MOST_TRIED = 5;

    /** So many changes a round, divided by the square of the longest outline, of a motif whose longer side is 1. */
    static final double TRIED_BY_LENGTH = 50;

    /** The share of an area that copies cover at best: below it room is left airy by as much as the density asks. */
    static final double DENSEST = 0.85;

    /** Searches without a find after which a size is given up. */
    static final int MISSES = 4;

    /** Random places tried for each copy at first. */
    static final int FIRST_TRIES = 160;

    /** After so many times that changes were tried in every proposer, all copies are relaxed at once: what a change gains tells more where the others are as large as they can be. */
    static final int RELAXED_EVERY = 10;

    /** Steps of such a relaxation: copies hardly move after. */
    static final int RELAX_STEPS = 60;

    /** Steps of the last one, whose copies are to rest. */
    static final int LAST_RELAX_STEPS = 300;

    /** How much farther apart all are in the end than they must be, in mm: what a grid can't tell would cost a copy that can't be made smaller, while the rest is filled again where they are made exact. */
    static final double LAST_GAP = 0.02;

    // Ruin and recreate (RuinAndRecreate)
    /** Random places tried for each copy of a change: fewer than at first, as changes are many. */
    static final int CHANGE_TRIES = 40;

    /** From one size tried in a change to the next smaller. */
    static final double CHANGE_SHRINK = 1.4;

    /** Steps in which a change grows together. */
    static final int CHANGE_STEPS = 40;

    /** How firmly what grows is held back, at first and then. */
    static final double FIRM = 30;

    /** And then: overlaps are pushed out for good. */
    static final double FIRMER = 300;

    /** One in so many changes shoves what is there before more is put in. */
    static final int SHOVES = 5;

    /** What covers less than before by more than this when it has not grown yet is hardly ever worth growing: parts of the smallest copy's size squared, beyond the loss that is accepted. */
    static final double LACKS = 3;

    /** The same for what has grown with little to hold it back. */
    static final double LACKS_GROWN = 1;

    // What is missed of the outline (Objective, MorphologicalClosing)
    /** How much what is missed of the outline counts, against what is not covered: less until the copies cover about what they can, and more beyond. */
    static final double LEAST_MISSED = 0.5;

    /** The most that it counts. */
    static final double MOST_MISSED = 8;

    /** How fast it comes to count as the covered share nears what is possible. */
    static final double MISSED_SLOPE = 1_000;

    /** The share of an outline that round copies can cover; others as much less as they cover less of their own boxes. */
    static final double FULL = 0.801;

    /** How much less others cover, for what they cover of their own boxes. */
    static final double FULLNESS = 1.266;

    /** The part of its fair share of the room that each motif takes at least, or else more of it counts more. */
    static final double FAIR_SHARE = 0.4;

    /** Sizes of disc that are kept ready, a part of a sample apart. */
    static final int DISC_LEVELS = 8;

    /** Discs that are larger than the smallest by more samples than this are taken as one sample. */
    static final double DISC_SPREAD = 1;

    // Relaxation (Relaxation, Bodies, Contacts); what the paper gives is as in the paper
    /** The first step of time, at a firmness of 1. */
    static final double FIRST_STEP = 0.15;

    /** The longest: above it contacts are passed through. */
    static final double LONGEST_STEP = 0.4;

    /** How far speeds turn towards the push in a step, as in the paper. */
    static final double STEERING = 0.1;

    /** Good steps before steps grow longer, as in the paper. */
    static final int PATIENCE = 5;

    /** Steps after which contacts are found anew: none moves out of its slack in fewer. */
    static final int CONTACTS_EVERY = 10;

    /** How firmly overlaps are pushed apart in the end. */
    static final double FIRMEST = 1_000;

    /** What is pushed apart may still be too close by this, in mm. */
    static final double NEARLY_APART = 0.06;

    /** Where a point of the rim is from the middle, on average, as a share of the size. */
    static final double ARM = 0.39;

    /** The weight of a copy for its size: heavier ones move slower. */
    static final double WEIGHT = 0.1;

    /** The farthest that a rim moves in a step, in mm. */
    static final double LONGEST_MOVE = 0.2;

    /** Points that are farther from anything than this beyond the gap are left out until the next time they are found, in mm. */
    static final double CONTACT_SLACK = 0.45;

    /** What true outlines may be off from those that are sampled, in mm. */
    static final double SAMPLING_ERROR = 0.012;

    // Searching places (PlacementSearch, LargestSize, FreeSpace, Edge)
    /** How much it counts to be close to what is there, against being large. */
    static final double CLOSENESS = 0.3;

    /** The contact that a place is likely to have, before it is measured: tells which tries are worth measuring. */
    static final double LIKELY_CONTACT = 0.55;

    /** From one size tried to the next larger. */
    static final double SIZE_STEP = 1.16;

    /** Halvings between a size that fits and one that does not: to a part in 200. */
    static final int SIZE_HALVINGS = 5;

    /** Between samples a distance may change a little faster than the point moves. */
    static final double FASTER = 1.05;

    /** The most samples along the longer side of an area: some hundred thousand in all. */
    static final int MOST_SAMPLES = 640;

    /** Distances from a copy are read from samples this much closer to each other than those of the room. */
    static final double COPY_SAMPLING = 0.8;

    /** Samples around the outline's box: a disc of half the smallest copy's size has its middle there at most. */
    static final int MARGIN_SAMPLES = 8;

    /** Where the edge turns by less than this, in radians, points of rims tell well enough how close it is. */
    static final double SHARP_TURN = Math.toRadians(20);

    // Motifs (Motif, Container, BoundingCircles, DistanceField); lengths for a longer side of 1
    /** Samples along the longer side of a motif. */
    static final int MOTIF_SAMPLES = 72;

    /** Circles that tell at once that a place is taken. */
    static final int COARSE_CIRCLES = 2;

    /** How far around a motif distances from it are known. */
    static final double MOTIF_MARGIN = 2.6;

    /** From point to point of a rim, for a longer side of 1, unless that would be too many points. */
    static final double RIM_SPACING = 0.05;

    /** The most points on a rim: a fraction of a millisecond a check. */
    static final int MOST_RIM_POINTS = 80;

    /** The most circles that cover a motif. */
    static final int MOST_CIRCLES = 7;

    /** Smaller ones tell no more than points of the rim do. */
    static final double SMALLEST_CIRCLE = 0.035;

    /** How far outlines are simplified for distances on a grid: less than a sample. */
    static final double COARSE = 1.5e-3;

    /** How far flattened outlines may lie from true ones, for a longer side of 1. */
    static final double MOTIF_FLATNESS = 1e-4;

    /** How far the flattened outline may lie from the true one, in mm. */
    static final double FLATNESS = 0.002;

    /** From which opacity on a picture's pixels are in the way. */
    static final double OPAQUE = 0.5;

    /** Straight pieces in a leaf of the tree: a circle costs as much as a few of them. */
    static final int LEAF_PIECES = 4;

    /** Samples of a square block share the segments that may be the nearest of any of them. */
    static final int BLOCK = 8;

    // Making it exact (ExactFit)
    /** Rounds in which what is too close is moved or made smaller. */
    static final int NUDGES = 14;

    /** How much smaller what can't be moved becomes in a round. */
    static final double EXACT_SHRINK = 0.96;

    /** How far a copy that can hardly be made smaller is moved off the edge: ever farther, in mm, in so many directions. */
    static final double[] OFF_THE_EDGE = {0.02, 0.05, 0.1, 0.2};

    /** In so many directions: 30 degrees apart. */
    static final int DIRECTIONS = 12;

    /** How far copies may move or grow meanwhile, at most, in mm. */
    static final double MOVES = 2;

    private FillingTuning() {}
}

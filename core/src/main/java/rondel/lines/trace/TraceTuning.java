package rondel.lines.trace;

/** What tracing is tuned by: figures without a reason in theory, found by trying on pictures of known drawings. */
final class TraceTuning {

    // The few colours (ColourQuantization, KMeansPalette, Darkness)
    /** Pixels that tell the colours: more take longer and change nothing. */
    static final int SAMPLE = 20_000;

    /** From which opacity on, of 255, a pixel tells a colour. */
    static final int OPAQUE = 128;

    /** Fewer mixtures than this part of the steps from one colour to the next are none. */
    static final double MIXED_PART = 0.1;

    /** The least part of a picture that tells its colours without its mixtures. */
    static final double ENOUGH = 0.3;

    /** Fewer greys than this part of the steps from dark to light, and the picture is not smoothed. */
    static final double SOFT_PART = 0.1;

    /** Rounds of k-means: centres hardly move after. */
    static final int ROUNDS = 12;

    /** Begun with so many times as many as are wanted, so that none is missed because two are alike. */
    static final int SPARE = 2;

    /** Colours that are nearer to each other than this in OKLab are one, seen through noise. */
    static final double ALIKE = 0.027;

    /** A colour that a smaller part of the picture has may be a blend only. */
    static final double RARE = 0.005;

    /** The way from colour to colour by a blend of them is hardly longer than this, of the way itself. */
    static final double DETOUR = 1.06;

    // Mixed pixels (MixedPixels, PixelCoverage)
    /** How far apart the colours are of which there are mixtures, in levels of 256. */
    static final int APART = 30;

    /** Nearer to one side than this part of the way is that side's own. */
    static final double NEAR = 0.08;

    /** How far a mixture may be off the way, as a part of it. */
    static final double OFF = 0.2;

    /** And by so many levels of 256 in any case: compression. */
    static final double OFF_LEVELS = 10;

    /** How steep a slope is at a mixture, of how steep it is on the whole. */
    static final double STEEP = 0.5;

    /** Where it is as many times as steep, it is no slope but a step. */
    static final double STEPS = 3;

    /** How much further the colours may go on in as many pixels beyond, of how far they are apart. */
    static final double GOES_ON = 0.85;

    /** How far apart the two sides of a slope are looked for, in pixels: sharp, smoothed, blurred, badly blurred. */
    static final int[] REACHES = {1, 2, 4, 8};

    /** How far the colours are looked for that a pixel may be a blend of, in pixels. */
    static final int COVERAGE_REACH = 10;

    // Curves (Tracing)
    /** From point to point of a level line, in pixels. */
    static final double LEVEL_LINE_STEP = 0.08;

    /** Over how many pixels on either side a corner's turn is measured: less, and every pixel is one. */
    static final double CORNER_LENGTH = 3.5;

    private TraceTuning() {}
}

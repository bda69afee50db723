package rondel.job;

/** How a picture is traced; lengths in its own pixels.
 *
 * @param colours how many, 1 to 16; with one, what is darker than the threshold
 * @param threshold for one colour: how dark is dark, 0 to 1
 * @param speckle areas of fewer pixels are left out, or taken by what is around them
 * @param corner from how sharp a turn on a corner stays one, in degrees
 * @param smoothness how far curves may run from the edges of pixels
 * @param layering how colours lie */
public record TraceSettings(
        int colours, double threshold, int speckle, double corner, double smoothness, Layering layering) {

    /** How the outlines of several colours lie. */
    public enum Layering {
        /** Each reaches under those in front of it, so that no gap can show. */
        STACKED,
        /** Each ends where its neighbour begins, on the same curve. */
        SIDE_BY_SIDE
    }

    public static final TraceSettings USUAL = new TraceSettings(1, 0.5, 12, 50, 0.6, Layering.STACKED);
}

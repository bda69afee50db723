package rondel.job;

import rondel.fields.Mm;

/** What a halo looks like; lengths in mm.
 *
 * @param distance from the artwork; below 0 inside it
 * @param corners round, or sharp as the artwork's own
 * @param bridge gaps in the halo up to so wide are bridged
 * @param smallestHole holes that no circle of this diameter fits into are filled
 * @param smooth bumps and notches narrower than twice this are evened out
 * @param threshold from which opacity, 0 to 1, a pixel of a picture counts */
public record HaloSettings(
        @Mm double distance,
        Corners corners,
        @Mm double bridge,
        @Mm double smallestHole,
        @Mm double smooth,
        double threshold) {

    /** How a halo goes round a corner. */
    public enum Corners {
        ROUND,
        SHARP
    }

    /** Fills every hole. */
    public static final double ALL_HOLES = 10_000;

    /** A kiss-cut line of a sticker. */
    public static final HaloSettings USUAL = new HaloSettings(2, Corners.ROUND, 4, ALL_HOLES, 0.5, 0.5);

    public HaloSettings withDistance(double other) {
        return new HaloSettings(other, corners, bridge, smallestHole, smooth, threshold);
    }
}

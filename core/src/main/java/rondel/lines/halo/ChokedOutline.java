package rondel.lines.halo;

import rondel.geometry.Outline;
import rondel.job.HaloSettings;

/** An outline drawn in by some distance all along, as inks that lie under others are (choking). What is narrower than twice the distance goes. */
public final class ChokedOutline {

    private ChokedOutline() {}

    /** @param by in mm, 0 or more */
    public static Outline of(Outline outline, double by) {
        if (by == 0 || outline.isEmpty()) {
            return outline;
        }
        HaloSettings inside =
                new HaloSettings(-by, HaloSettings.Corners.ROUND, 0, 0, 0, HaloSettings.USUAL.threshold());
        return new CoveredArtwork(outline).line(inside);
    }
}

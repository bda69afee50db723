package rondel.compose.lettering;

import java.awt.geom.Arc2D;
import rondel.geometry.Outline;

/** A circle to set text on. */
public final class ArcPath {

    private ArcPath() {}

    /** The circle with the origin at the middle of the text: text that is aligned to the middle stands on its top and arches
     *  up; with a negative diameter it hangs in its bottom and sags.
     *
     * @param diameter in mm, not 0 */
    public static Outline of(double diameter) {
        double d = Math.abs(diameter);
        Arc2D circle = diameter > 0
                ? new Arc2D.Double(-d / 2, 0, d, d, 270, -360, Arc2D.OPEN)
                : new Arc2D.Double(-d / 2, -d, d, d, 90, 360, Arc2D.OPEN);
        return Outline.of(circle);
    }
}

package rondel.geometry.shape;

import rondel.geometry.Outline;

/** A shape told by its figures. Its outline is computed from them alone, the same on every machine, and fills the frame from (0, 0)
 *  to its size exactly, but for lines, which run where their points are. */
public sealed interface PlainShape
        permits BoxShape,
                OvalShape,
                LineShape,
                PolylineShape,
                PolygonShape,
                StarShape,
                HeartShape,
                TagShape,
                BannerShape,
                ArrowShape,
                RingShape,
                BalloonShape {

    /** How much two scales may differ to count as the same. */
    double EVEN = 1e-9;

    /** Its outline, clockwise on a page with y down; holes run the other way. */
    Outline outline();

    /** The shape in a frame of another size.
     *
     * @param sx how many times as wide
     * @param sy how many times as high
     * @param lengths by what its own lengths, such as corners, are multiplied */
    PlainShape sized(double sx, double sy, double lengths);

    /** The shape scaled: its own lengths grow with it where it is scaled evenly, and stay as they are where it is stretched, so
     *  that a corner stays a quarter of a circle and scallops stay whole. */
    default PlainShape scaled(double sx, double sy) {
        return sized(sx, sy, even(sx, sy) ? sx : 1);
    }

    static boolean even(double sx, double sy) {
        return Math.abs(sx - sy) <= EVEN * Math.max(sx, sy);
    }
}

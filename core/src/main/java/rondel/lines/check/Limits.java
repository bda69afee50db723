package rondel.lines.check;

/** What a blade and a printer can do; lengths in mm.
 *
 * @param smallestPiece the least longer side of a piece that does not get lost
 * @param narrowestGap between two cut lines, or the material tears
 * @param sharpestAngle at a corner, in degrees
 * @param shortestSegment that a blade follows without a stutter
 * @param leastPpi of pictures in print */
public record Limits(
        double smallestPiece, double narrowestGap, double sharpestAngle, double shortestSegment, double leastPpi) {

    public static final Limits USUAL = new Limits(3, 0.5, 12, 0.05, EffectivePpi.LEAST_FOR_PRINT);
}

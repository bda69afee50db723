package rondel.run.stitch;

import rondel.geometry.Point;

/** Where a machine goes next, in mm on the sheet.
 *
 * @param move how it goes there */
public record Stitch(Point at, Move move) {

    /** How a machine goes somewhere. */
    public enum Move {
        /** With the needle down at the end. */
        SEW,
        /** Above the cloth; the thread goes along. */
        JUMP,
        /** Above the cloth, after the thread was cut. */
        TRIM
    }

    static Stitch sewn(Point at) {
        return new Stitch(at, Move.SEW);
    }
}

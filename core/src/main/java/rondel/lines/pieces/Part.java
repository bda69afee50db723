package rondel.lines.pieces;

import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Role;

/** One line of a piece, or one thing that is printed on it.
 *
 * @param element that it belongs to
 * @param depth how many outlines of the piece it lies in
 * @param box around it, on the sheet
 * @param length of the line in mm; of what is printed, how far it is around its box */
public record Part(ElementId element, Kind kind, Role role, int depth, Box box, double length) {

    /** What it is in its piece. */
    public enum Kind {
        /** An outline that something falls out of the sheet by: the outermost, or one in a hole; or that it is peeled off by. */
        OUTLINE,
        /** An outline that leaves a hole. */
        HOLE,
        /** An outline that is drawn over another. */
        DOUBLED,
        /** A line that makes no piece: an open cut, a score, something drawn or stitched. */
        LINE,
        /** What is printed. */
        ART
    }
}

package rondel.lines.pieces;

/** What elements are grouped by. */
public enum Grouping {
    /** A group for each piece: an outline with everything inside it, to any depth. */
    PIECE,
    /** As by piece, but an outline that lies in a hole is a piece of its own. */
    PIECE_AND_HOLE,
    /** A group for each colour: of the fill, or of the line where there is no fill. */
    COLOUR,
    /** A group for each role. */
    ROLE,
    /** A group for each closed outline. */
    OUTLINE
}

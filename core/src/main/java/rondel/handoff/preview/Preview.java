package rondel.handoff.preview;

/** What a listing's picture shows. */
public enum Preview {
    /** The sheet on a plain surface. */
    ON_SURFACE,
    /** All pieces, laid out. */
    PIECES,
    /** The piece that most is drawn in, close up. */
    CLOSE_UP,
    /** How large it is: with measures, a ruler and a hand. */
    SIZE_CARD,
    /** All pieces with their names. */
    NAMED_PIECES
}

package rondel.job;

/** The faces of folded things. */
public enum FaceName {
    FRONT,
    BACK,
    /** The whole inside, across its folds. */
    INSIDE,
    INSIDE_LEFT,
    INSIDE_MIDDLE,
    INSIDE_RIGHT,
    INSIDE_TOP,
    INSIDE_BOTTOM,
    /** The flap of a card in three parts, which is seen when it is half opened. */
    FLAP,
    /** The left door of a gate. */
    FRONT_LEFT,
    /** The right door of a gate. */
    FRONT_RIGHT
}

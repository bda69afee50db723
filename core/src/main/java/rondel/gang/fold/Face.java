package rondel.gang.fold;

import rondel.geometry.Affine;

/** One face of a folded thing as it stands flat on one side of the paper.
 *
 * @param name which face it is
 * @param toPage from the face's own space, whose origin is its top left corner as it is read, to the page that is printed
 * @param width of the face, in mm */
public record Face(Name name, Affine toPage, double width, double height) {

    /** The faces of folded things. */
    public enum Name {
        FRONT,
        BACK,
        INSIDE_LEFT,
        INSIDE_MIDDLE,
        INSIDE_RIGHT,
        INSIDE_TOP,
        INSIDE_BOTTOM,
        /** The flap of a card in three parts, which is seen when it is half opened. */
        FLAP,
        FRONT_LEFT,
        FRONT_RIGHT
    }
}

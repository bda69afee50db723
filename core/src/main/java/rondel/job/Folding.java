package rondel.job;

import rondel.fields.LeftOut;
import rondel.fields.Mm;

/** How a thing is folded.
 *
 * @param width of it when it is closed, in mm
 * @param turning about which edge of the stock the printer turns the paper for its other side
 * @param score how the folds are shown */
public record Folding(
        Kind kind,
        @Mm double width,
        @Mm double height,
        @LeftOut("long-edge") Turning turning,
        @LeftOut("line") Score score) {

    /** What is made. */
    public enum Kind {
        /** Front and back head to head, nothing inside. */
        TAG,
        /** Folded once, the fold at the left of the front. */
        HALF_SIDE,
        /** Folded once, the fold above the front. */
        HALF_TOP,
        /** Two doors that meet in the middle of the front. */
        GATE,
        /** Folded twice, the right part inwards beneath the front. */
        TRI_FOLD;

        /** Whether something may be printed on both sides. */
        public boolean twoSided() {
            return this != TAG;
        }
    }

    /** About which edge the printer turns the paper for its other side. */
    public enum Turning {
        LONG_EDGE,
        SHORT_EDGE
    }

    /** How a fold is shown. */
    public enum Score {
        /** A line to be scored along the fold. */
        LINE,
        /** Small marks to be printed outside the trim. */
        MARKS,
        NONE
    }
}

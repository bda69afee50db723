package rondel.job;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** How pieces stand in rows.
 *
 * @param gutterX between neighbours across, exact, in mm
 * @param gutterY between rows
 * @param alternate what is otherwise in every second row
 * @param centred whether what is left over is shared by both sides, else it is at the right and the bottom */
public record RowSettings(
        @Mm @LeftOut("0") double gutterX,
        @Mm @LeftOut("0") double gutterY,
        @LeftOut("none") Turns turns,
        @LeftOut("none") Alternate alternate,
        @LeftOut("true") boolean centred) {

    /** How pieces may be turned so that more of them fit. */
    public enum Turns {
        /** Not at all. */
        NONE,
        /** All of them by a quarter, where that is more. */
        QUARTER,
        /** Some of them by a quarter. */
        MIXED
    }

    /** What is otherwise in every second row. */
    public enum Alternate {
        NONE,
        /** It begins half a step later, as bricks do. */
        SHIFTED,
        /** Its pieces stand on their heads. */
        TURNED
    }

    public static final RowSettings USUAL = new RowSettings(0, 0, Turns.NONE, Alternate.NONE, true);

    /** @throws Refusal if a gutter is below 0, or no number */
    public RowSettings {
        if (!(gutterX >= 0 && gutterY >= 0 && Double.isFinite(gutterX) && Double.isFinite(gutterY))) {
            throw Refusal.of("rows.gutter");
        }
    }
}

package rondel.job;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** Which marks are printed beside what is made, and how.
 *
 * @param trim short lines that show where each piece is cut, outside its bleed
 * @param fold short dashed lines that show where it is folded
 * @param register discs and rings by which a camera finds the print on the cutter
 * @param names the job's title, the plan's name and the number of the sheet
 * @param colourBar a bar with a field for each colour of the job, and one for each role that is made
 * @param length of trim and fold marks, in mm
 * @param offset of trim and fold marks from the trim, in mm
 * @param weight how thick they are, in mm */
public record MarkSettings(
        @LeftOut("false") boolean trim,
        @LeftOut("false") boolean fold,
        @LeftOut("false") boolean register,
        @LeftOut("false") boolean names,
        @LeftOut("false") boolean colourBar,
        @Mm @LeftOut("5") double length,
        @Mm @LeftOut("3") double offset,
        @Mm @LeftOut("0.1") double weight) {

    /** A quarter of a point, as printers draw them. */
    public static final double USUAL_WEIGHT = 0.1;

    public static final MarkSettings NONE = new MarkSettings(false, false, false, false, false, 5, 3, USUAL_WEIGHT);

    public static final MarkSettings USUAL = NONE;

    /** @throws Refusal if a length is not above 0, or no number */
    public MarkSettings {
        for (double l : new double[] {length, weight}) {
            if (!(l > 0 && Double.isFinite(l))) {
                throw Refusal.of("marks.length");
            }
        }
        if (!(offset >= 0 && Double.isFinite(offset))) {
            throw Refusal.of("marks.length");
        }
    }
}

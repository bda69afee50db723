package rondel.text;

import rondel.geometry.Affine;
import rondel.geometry.Outline;

/** A letter as it stands in a text.
 *
 * @param at the index in the content of the first character it stands for
 * @param glyph its number in the font
 * @param base where it would stand if nobody had moved it: from the letter's own space, whose origin is the middle of its
 *     advance on the baseline, to the text's
 * @param placement where it stands
 * @param outline in its own space, at the size of the text
 * @param advance how much room it takes on the line, in its own space */
public record PlacedLetter(int at, int glyph, Affine base, Affine placement, Outline outline, double advance) {

    /** The outline in the text's space. */
    public Outline inText() {
        return outline.transformed(placement);
    }
}

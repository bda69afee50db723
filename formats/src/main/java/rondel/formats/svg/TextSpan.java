package rondel.formats.svg;

import java.util.Optional;

/** A stretch of text in one style.
 *
 * @param x where it starts afresh, if it does
 * @param dx an extra step before it
 * @param shift of its baseline, down
 * @param turn of its glyphs, in degrees
 * @param tracking extra space after each character; all lengths in user units */
record TextSpan(
        SvgNode node,
        Style style,
        String text,
        Optional<Double> x,
        Optional<Double> y,
        double dx,
        double dy,
        double shift,
        double turn,
        double tracking) {

    boolean startsChunk() {
        return x.isPresent() || y.isPresent();
    }
}

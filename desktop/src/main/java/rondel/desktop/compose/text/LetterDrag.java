package rondel.desktop.compose.text;

import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.Lettering;
import rondel.text.PlacedLetter;

/** A drag of one letter: it is moved, turned about the middle of its baseline, or sized about it.
 *
 * @param size of the text, in its own space
 * @param toSheet from the text's space to the sheet's
 * @param start where the drag began on the sheet */
public record LetterDrag(Kind kind, PlacedLetter letter, double size, Affine toSheet, Point start) {

    /** What is dragged: the letter itself, or one of its two knobs. */
    public enum Kind {
        MOVE,
        TURN,
        SIZE
    }

    private static final double SMALLEST = 0.05;

    /** How the letter stands with the pointer at a place on the sheet. */
    public UnaryOperator<Lettering.Letter> change(Point pointer) {
        Optional<Affine> back = toSheet.times(letter.base()).inverse();
        if (back.isEmpty()) {
            return l -> l;
        }
        Point from = back.get().apply(start);
        Point to = back.get().apply(pointer);
        return l -> {
            double dx = l.dx() * size;
            double dy = l.dy() * size;
            return switch (kind) {
                case MOVE ->
                    new Lettering.Letter(
                            l.at(),
                            l.dx() + (to.x() - from.x()) / size,
                            l.dy() + (to.y() - from.y()) / size,
                            l.turn(),
                            l.scale(),
                            l.glyph());
                case TURN -> {
                    double before = Math.atan2(from.y() - dy, from.x() - dx);
                    double after = Math.atan2(to.y() - dy, to.x() - dx);
                    double turn = Math.IEEEremainder(l.turn() + Math.toDegrees(after - before), 360);
                    yield new Lettering.Letter(l.at(), l.dx(), l.dy(), turn, l.scale(), l.glyph());
                }
                case SIZE -> {
                    double before = Math.max(1e-9, Math.hypot(from.x() - dx, from.y() - dy));
                    double factor = Math.hypot(to.x() - dx, to.y() - dy) / before;
                    double scale = Math.max(SMALLEST, l.scale() * factor);
                    yield new Lettering.Letter(l.at(), l.dx(), l.dy(), l.turn(), scale, l.glyph());
                }
            };
        };
    }

    /** Where the letter stands in the text's space when it stands so. */
    public Affine placement(Lettering.Letter l) {
        return letter.base()
                .times(Affine.translate(l.dx() * size, l.dy() * size))
                .times(Affine.rotate(l.turn()))
                .times(Affine.scale(l.scale(), l.scale()));
    }
}

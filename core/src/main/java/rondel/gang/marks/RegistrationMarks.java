package rondel.gang.marks;

import java.util.List;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.shape.OvalShape;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.words.Words;

/** Four discs and rings near the corners of the stock by which a camera finds what was printed. No turn and no mirroring takes the
 *  arrangement into itself: the upper left is a disc, the lower right a disc in a ring, the others are rings, and the lower left one
 *  stands farther in. */
public final class RegistrationMarks {

    /** The radius of each mark, in mm: thirty pixels across on a picture of 5 pixels to the mm. */
    public static final double RADIUS = 3;

    /** The inner radius of a ring, in mm. */
    public static final double HOLE = 1.7;

    /** The radius of the disc in a ring, in mm. */
    public static final double DOT = 0.9;

    /** How far from the edges of what can be used a mark's middle is, in mm: a white rim of 1.5 mm stays around it. */
    public static final double INSET = 4.5;

    /** How much farther in the lower left mark stands, in mm. */
    public static final double ASIDE = 16;

    private RegistrationMarks() {}

    /** What a mark looks like. */
    public enum Form {
        DISC,
        RING,
        DOTTED_RING
    }

    /** A mark by its middle. */
    public record Mark(Form form, Point centre) {}

    /** @param usable what can be used of the stock */
    public static List<Mark> of(Box usable) {
        double left = usable.x() + INSET;
        double right = usable.right() - INSET;
        double top = usable.y() + INSET;
        double bottom = usable.bottom() - INSET;
        return List.of(
                new Mark(Form.DISC, new Point(left, top)),
                new Mark(Form.RING, new Point(right, top)),
                new Mark(Form.DOTTED_RING, new Point(right, bottom)),
                new Mark(Form.RING, new Point(Math.min(left + ASIDE, (left + right) / 2), bottom)));
    }

    /** A mark as it is printed. */
    public static Element drawn(Mark mark) {
        Outline outline =
                switch (mark.form) {
                    case DISC -> disc(mark.centre, RADIUS);
                    case RING -> disc(mark.centre, RADIUS).plus(disc(mark.centre, HOLE));
                    case DOTTED_RING ->
                        disc(mark.centre, RADIUS).plus(disc(mark.centre, HOLE)).plus(disc(mark.centre, DOT));
                };
        return new ShapeElement(
                Traits.named(Words.of("marks.register")),
                outline,
                FillRule.EVEN_ODD,
                Paint.solid(MarkLines.BLACK),
                java.util.Optional.empty());
    }

    private static Outline disc(Point c, double r) {
        return OvalShape.of(2 * r, 2 * r).outline().transformed(rondel.geometry.Affine.translate(c.x() - r, c.y() - r));
    }
}

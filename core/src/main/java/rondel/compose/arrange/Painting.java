package rondel.compose.arrange;

import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.geometry.Affine;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** Changes the paint of every shape and text in an element. */
final class Painting {

    private Painting() {}

    static Element fill(Element element, Paint paint) {
        return switch (element) {
            case ShapeElement s -> s.withFill(paint);
            case TextElement t -> t.withFill(paint);
            case PictureElement p -> p;
            case CopyElement c -> c;
            case GroupElement g ->
                g.withChildren(g.children().stream().map(c -> fill(c, paint)).toList());
        };
    }

    /** Strokes with a line whose width is {@code stroke}'s on the sheet, in mm. A shape that was stretched unevenly is
     *  redrawn in even space first, so that the line is as wide everywhere; a plain shape gets there by its figures. */
    static Element stroke(Element element, Affine toSheet, Optional<Stroke> stroke) {
        return restroked(element, toSheet, before -> stroke);
    }

    /** As {@link #stroke}, where the line depends on the one before.
     *
     * @param change makes of a line as it is on the sheet the line that is to be there */
    static Element restroked(Element element, Affine toSheet, UnaryOperator<Optional<Stroke>> change) {
        return switch (element) {
            case ShapeElement s -> {
                ShapeElement even =
                        toSheet.times(s.placement()).keepsCircles() || s.plain().isPresent() ? s : evened(s);
                yield even.withStroke(changed(even.stroke(), toSheet.times(even.placement()), change));
            }
            case TextElement t -> t.withStroke(changed(t.stroke(), toSheet.times(t.placement()), change));
            case PictureElement p -> p;
            case CopyElement c -> c;
            case GroupElement g -> {
                Affine inside = toSheet.times(g.placement());
                yield g.withChildren(g.children().stream()
                        .map(c -> restroked(c, inside, change))
                        .toList());
            }
        };
    }

    private static Optional<Stroke> changed(
            Optional<Stroke> line, Affine ownToSheet, UnaryOperator<Optional<Stroke>> change) {
        double scale = ownToSheet.meanScale() > 0 ? ownToSheet.meanScale() : 1;
        return change.apply(line.map(l -> l.scaled(scale, Affine.IDENTITY)))
                .map(l -> l.scaled(1 / scale, Affine.IDENTITY));
    }

    /** The same shape with its placement drawn into its outline. */
    private static ShapeElement evened(ShapeElement s) {
        return new ShapeElement(
                s.traits().withPlacement(Affine.IDENTITY),
                s.outline().transformed(s.placement()),
                s.rule(),
                s.fill().transformed(s.placement()),
                s.stroke());
    }
}

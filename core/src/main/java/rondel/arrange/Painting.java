package rondel.arrange;

import java.util.Optional;
import java.util.function.Function;
import rondel.geometry.Affine;
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
            case GroupElement g ->
                g.withChildren(g.children().stream().map(c -> fill(c, paint)).toList());
        };
    }

    /** Strokes with a line whose width is {@code stroke}'s on the sheet, in mm. A shape that was stretched unevenly is
     *  redrawn in even space first, so that the line is as wide everywhere. */
    static Element stroke(Element element, Affine toSheet, Optional<Stroke> stroke) {
        return switch (element) {
            case ShapeElement s -> {
                ShapeElement even = toSheet.times(s.placement()).keepsCircles() ? s : evened(s);
                yield even.withStroke(stroke.map(onSheet(toSheet.times(even.placement()))));
            }
            case TextElement t -> t.withStroke(stroke.map(onSheet(toSheet.times(t.placement()))));
            case PictureElement p -> p;
            case GroupElement g -> {
                Affine inside = toSheet.times(g.placement());
                yield g.withChildren(g.children().stream()
                        .map(c -> stroke(c, inside, stroke))
                        .toList());
            }
        };
    }

    private static Function<Stroke, Stroke> onSheet(Affine ownToSheet) {
        double scale = ownToSheet.meanScale();
        return line -> scale > 0 ? line.scaled(1 / scale, Affine.IDENTITY) : line;
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

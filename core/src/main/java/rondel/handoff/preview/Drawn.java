package rondel.handoff.preview;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Lettering;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.text.Typesetter;

/** What is drawn around the work on a preview: areas, lines and words. */
record Drawn(Typesetter typesetter) {

    static Element area(Outline outline, Paint paint) {
        return ShapeElement.filled("", outline, paint);
    }

    static Element line(Point from, Point to) {
        Outline outline = new OutlineBuilder()
                .moveTo(from.x(), from.y())
                .lineTo(to.x(), to.y())
                .build();
        return new ShapeElement(
                Traits.named(""),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(PreviewLook.INK, PreviewLook.LINE)));
    }

    /** Words with their middle at a place.
     *
     * @param most how wide they may be, in mm: longer ones are made smaller */
    Optional<Element> words(String text, Point middle, double size, double most, double turn) {
        Outline shaped = typesetter.outline(Lettering.plain(text, PreviewLook.FONT, size));
        return shaped.bounds().map(box -> {
            double scale = Math.min(1, most / box.width());
            // By the height of capitals, or words with and without tails would not stand on one line.
            Affine place = Affine.translate(middle.x(), middle.y())
                    .times(Affine.rotate(turn))
                    .times(Affine.scale(scale, scale))
                    .times(Affine.translate(-box.centre().x(), 0.35 * size));
            return area(shaped.transformed(place), Paint.solid(PreviewLook.INK));
        });
    }

    Outline outline(String text, double size) {
        return typesetter.outline(Lettering.plain(text, PreviewLook.FONT, size));
    }

    static Element whole(double side) {
        return area(Outline.rectangle(new Box(0, 0, side, side)), PreviewLook.surface());
    }

    /** A line with a short stroke across each of its ends. */
    static List<Element> measure(Point from, Point to) {
        double length = from.distanceTo(to);
        double nx = -(to.y() - from.y()) / length * 1.6;
        double ny = (to.x() - from.x()) / length * 1.6;
        return List.of(line(from, to), across(from, nx, ny), across(to, nx, ny));
    }

    private static Element across(Point at, double nx, double ny) {
        return line(new Point(at.x() - nx, at.y() - ny), new Point(at.x() + nx, at.y() + ny));
    }
}

package rondel.gang.marks;

import rondel.geometry.FillRule;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

/** Fine black lines that are printed. */
final class MarkLines {

    static final Rgba BLACK = new Rgba(0, 0, 0, 255);

    private MarkLines() {}

    static Element line(String name, Point from, Point to, Stroke stroke) {
        return new ShapeElement(
                Traits.named(name),
                new OutlineBuilder()
                        .moveTo(from.x(), from.y())
                        .lineTo(to.x(), to.y())
                        .build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                java.util.Optional.of(stroke));
    }
}

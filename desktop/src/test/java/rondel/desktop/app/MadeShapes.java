package rondel.desktop.app;

import java.awt.geom.Ellipse2D;
import java.util.Optional;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;

/** Shapes that tests put on the sheet. */
final class MadeShapes {

    private MadeShapes() {}

    static ShapeElement disc(String id, double x, double y, double r) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)),
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }
}

package rondel.lines.combine;

import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.paint.PositionedStroke;

/** The area that a shape's line covers where it may lie inside or outside of the edge. */
final class PositionedOutline {

    private PositionedOutline() {}

    /** @param own from the shape's space to the sheet
     *  @return the area on the sheet, in mm */
    static Outline of(ShapeElement s, Stroke stroke, Affine own) {
        if (PositionedStroke.of(s).isEmpty()) {
            return StrokeOutline.of(s.outline(), stroke, own);
        }
        Stroke twice = stroke.withPosition(Stroke.Position.CENTRE).withWidth(2 * stroke.width());
        Operand band = new Operand(StrokeOutline.of(s.outline(), twice, own), FillRule.NON_ZERO);
        Operand shape = new Operand(s.outline().transformed(own), s.rule());
        Overlay overlay = Overlay.of(List.of(band, shape));
        return stroke.position() == Stroke.Position.INSIDE ? overlay.intersect() : overlay.subtract();
    }
}

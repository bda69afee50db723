package rondel.shapes;

import java.awt.Shape;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Overlay;
import rondel.job.Stroke;
import rondel.paint.Pens;

/** The area that a stroke covers, as an outline: caps, joins and dashes as SVG 2 (section 13.5) draws them. */
public final class StrokeOutline {

    /** Java 2D bends its curves as fine as it needs for pixels: for pixels of a thousandth of a mm it is asked. */
    private static final double FINE = 1000;

    private StrokeOutline() {}

    /** @param toSheet from the outline's space, in which the stroke's width is measured, to the sheet
     *  @return the area on the sheet, in mm */
    public static Outline of(Outline outline, Stroke stroke, Affine toSheet) {
        double scale = FINE * Math.max(1e-9, toSheet.meanScale());
        Outline large = outline.transformed(Affine.scale(scale, scale));
        Shape pen = Pens.of(stroke.scaled(scale, Affine.IDENTITY)).createStrokedShape(large.toShape(FillRule.NON_ZERO));
        Outline drawn = Outline.of(pen).transformed(toSheet.times(Affine.scale(1 / scale, 1 / scale)));
        return Overlay.united(drawn);
    }
}

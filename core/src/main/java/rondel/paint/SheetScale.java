package rondel.paint;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import rondel.geometry.Affine;

/** How many pixels of a graphics a mm of the sheet is, whatever the group that is being painted has scaled: it travels with
 *  the graphics as a hint. */
final class SheetScale extends RenderingHints.Key {

    static final SheetScale KEY = new SheetScale(0x524f4e44);

    private SheetScale(int number) {
        super(number);
    }

    @Override
    public boolean isCompatibleValue(Object value) {
        return value instanceof Double d && d > 0;
    }

    /** The scale that was set, or that of the graphics as it is now. */
    static double of(Graphics2D g) {
        if (g.getRenderingHint(KEY) instanceof Double set) {
            return set;
        }
        double scale = Math.max(1e-9, Affine.of(g.getTransform()).meanScale());
        g.setRenderingHint(KEY, scale);
        return scale;
    }
}

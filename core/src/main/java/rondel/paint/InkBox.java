package rondel.paint;

import java.awt.Graphics2D;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.GroupElement;
import rondel.job.Stroke;

/** How much of a graphics' pixels something inks: what a layer for it must hold. */
final class InkBox {

    private InkBox() {}

    /** All that a group paints, with shadows, in pixels. */
    static Optional<Box> of(Graphics2D g, GroupElement group) {
        double scale = SheetScale.of(g);
        Affine toSheet = Affine.scale(1 / scale, 1 / scale).times(Affine.of(g.getTransform()));
        return PaintedExtent.of(group, toSheet).map(b -> b.transformed(Affine.scale(scale, scale)));
    }

    /** A box in pixels around an outline and its line. */
    static Box of(Outline outline, Stroke stroke, Affine toPixels) {
        double scale = Math.max(Math.hypot(toPixels.a(), toPixels.b()), Math.hypot(toPixels.c(), toPixels.d()));
        double reach = stroke.width() / 2 * Math.max(2, stroke.miterLimit()) * scale;
        return outline.bounds(toPixels).map(b -> b.grown(reach)).orElse(new Box(0, 0, 0, 0));
    }
}

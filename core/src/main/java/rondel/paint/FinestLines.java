package rondel.paint;

import java.awt.Graphics2D;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;

/** How fine lines may come out that a blade or a pen follows: hairlines without a fill, and all lines that are not printed.
 *
 * @param pixels how wide they are at least; 0 where all come out as wide as they are */
record FinestLines(double pixels) {

    /** A printed line finer than this, in mm, is there for a blade to follow. */
    private static final double HAIRLINE = 0.1;

    /** An element's line as it is painted. */
    Optional<Stroke> painted(Graphics2D g, Element e, Optional<Stroke> stroke) {
        if (pixels == 0) {
            return stroke;
        }
        double scale = Math.max(1e-12, Affine.of(g.getTransform()).meanScale());
        double least = pixels / scale;
        boolean filled = e instanceof ShapeElement shape && shape.fill().visible();
        double printed = filled ? 0 : HAIRLINE * SheetScale.of(g) / scale;
        double below = Math.min(least, e.role() == Role.PRINT ? printed : least);
        return stroke.map(s -> s.width() < below ? s.withWidth(least) : s);
    }
}

package rondel.gang.copies;

import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyContent;
import rondel.job.GroupElement;
import rondel.paint.PaintedExtent;

/** How far a design prints beyond its box. */
public final class ContentBleed {

    private ContentBleed() {}

    /** On the side where it is most, in mm, at least 0. */
    public static double of(CopyContent content) {
        return content.once(ContentBleed.class, g -> of(content.box(), g));
    }

    private static double of(Box box, GroupElement group) {
        return PaintedExtent.of(group, Affine.IDENTITY)
                .map(b -> Math.max(
                        Math.max(box.x() - b.x(), b.right() - box.right()),
                        Math.max(box.y() - b.y(), b.bottom() - box.bottom())))
                .map(b -> Math.max(0, b))
                .orElse(0.0);
    }
}

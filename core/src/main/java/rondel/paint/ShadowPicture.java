package rondel.paint;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Shadow;

/** A shadow by itself as a picture, for files that can't blur.
 *
 * @param area where it lies on the sheet, in mm */
public record ShadowPicture(BufferedImage pixels, Box area) {

    private static final long MOST = 100_000_000;

    /** @param toSheet from the element's parent to the sheet */
    public static Optional<ShadowPicture> of(Painter painter, Element element, Affine toSheet, double ppi) {
        Optional<Shadow> shadow = element.traits().shadow();
        Optional<Box> ink = PaintedExtent.drawn(element, toSheet);
        if (shadow.isEmpty() || ink.isEmpty()) {
            return Optional.empty();
        }
        Box area = ink.get().grown(shadow.get().reach() + 25.4 / ppi);
        double scale = ppi / 25.4;
        if (area.width() * scale * area.height() * scale > MOST) {
            scale = Math.sqrt(MOST / (area.width() * area.height()));
        }
        int width = (int) Math.ceil(area.width() * scale);
        int height = (int) Math.ceil(area.height() * scale);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, width, height);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.scale(scale, scale);
        g.translate(-area.x(), -area.y());
        g.setRenderingHint(SheetScale.KEY, scale);
        g.transform(toSheet.toAwt());
        painter.elements(g, List.of(element.with(t -> t.withShadow(Optional.empty()))));
        g.dispose();
        ShadowPainting.toShadow(
                image, shadow.get().deviation() * scale, shadow.get().colour());
        Box placed =
                new Box(area.x() + shadow.get().dx(), area.y() + shadow.get().dy(), width / scale, height / scale);
        return Optional.of(new ShadowPicture(image, placed));
    }
}

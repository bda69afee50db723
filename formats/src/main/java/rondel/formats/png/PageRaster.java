package rondel.formats.png;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.function.BiConsumer;
import rondel.formats.page.Page;
import rondel.job.Element;
import rondel.paint.Colours;
import rondel.paint.Painter;
import rondel.paint.PictureSource;
import rondel.raster.VisiblePixels;

/** A page as pixels, by the painter that also paints the screen. */
public final class PageRaster {

    private PageRaster() {}

    /** Transparent where neither paper nor artwork is. */
    public static BufferedImage paint(Page page, PixelSize size, PictureSource pictures) {
        return paint(page, new Painter(page.media(), pictures), size);
    }

    /** @param failed hears what can't be painted, and has a marked box in its place */
    public static BufferedImage paint(
            Page page, PixelSize size, PictureSource pictures, BiConsumer<Element, Throwable> failed) {
        return paint(page, new Painter(page.media(), pictures).telling(failed), size);
    }

    /** Without rows and columns at its edges on which nothing can be seen; as it is where nothing can be seen at all. */
    public static BufferedImage trimmed(BufferedImage image) {
        return VisiblePixels.of(image, 1)
                .map(seen -> image.getSubimage(seen.left(), seen.top(), seen.width(), seen.height()))
                .orElse(image);
    }

    private static BufferedImage paint(Page page, Painter painter, PixelSize size) {
        BufferedImage image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, size.width(), size.height());
        page.paper().ifPresent(colour -> {
            g.setColor(Colours.awt(colour));
            g.fillRect(0, 0, size.width(), size.height());
        });
        g.scale(size.ppi() / 25.4, size.ppi() / 25.4);
        painter.elements(g, page.elements());
        g.dispose();
        return image;
    }
}

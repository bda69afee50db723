package rondel.formats.png;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import rondel.formats.page.Page;
import rondel.paint.Colours;
import rondel.paint.Painter;
import rondel.paint.PictureSource;

/** A page as pixels, by the painter that also paints the screen. */
public final class PageRaster {

    private PageRaster() {}

    /** Transparent where neither paper nor artwork is. */
    public static BufferedImage paint(Page page, PixelSize size, PictureSource pictures) {
        BufferedImage image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, size.width(), size.height());
        page.paper().ifPresent(colour -> {
            g.setColor(Colours.awt(colour));
            g.fillRect(0, 0, size.width(), size.height());
        });
        g.scale(size.ppi() / 25.4, size.ppi() / 25.4);
        new Painter(page.media(), pictures).elements(g, page.elements());
        g.dispose();
        return image;
    }
}

package rondel.formats.svg;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.StringReader;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.DocumentLoader;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.UserAgentAdapter;
import org.w3c.dom.Document;
import rondel.formats.Fixtures;
import rondel.formats.page.Page;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;

/** What an SVG looks like to a reader that is not ours, and how far two pictures differ. */
public final class OtherReader {

    public static final int SIDE = 300;
    private static final double PX = 25.4 / 96;
    private static final int CLEARLY = 60;

    private OtherReader() {}

    /** @param svg as wide as high
     *  @param mm its width */
    public static BufferedImage seen(String svg, double mm) throws IOException {
        Document document =
                new SAXSVGDocumentFactory(null).createDocument("file:///drawing.svg", new StringReader(svg));
        UserAgentAdapter agent = new UserAgentAdapter();
        BridgeContext context = new BridgeContext(agent, new DocumentLoader(agent));
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = onWhite(image);
        g.scale(SIDE / (mm / PX), SIDE / (mm / PX));
        new GVTBuilder().build(context, document).paint(g);
        g.dispose();
        context.dispose();
        return image;
    }

    /** The same by our own painter. */
    public static BufferedImage painted(Page page) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = onWhite(image);
        g.drawImage(PageRaster.paint(page, PixelSize.ofWidth(page, SIDE), Fixtures.PICTURES), 0, 0, null);
        g.dispose();
        return image;
    }

    private static Graphics2D onWhite(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, SIDE, SIDE);
        return g;
    }

    /** The share of pixels that differ clearly from all that the other has there or beside it, 0 to 1: how edges are smoothed
     *  is not what matters. */
    public static double difference(BufferedImage a, BufferedImage b) {
        int differing = 0;
        for (int y = 1; y < SIDE - 1; y++) {
            for (int x = 1; x < SIDE - 1; x++) {
                differing += isNowhere(a.getRGB(x, y), b, x, y) || isNowhere(b.getRGB(x, y), a, x, y) ? 1 : 0;
            }
        }
        return (double) differing / (SIDE * SIDE);
    }

    private static boolean isNowhere(int colour, BufferedImage in, int x, int y) {
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                if (off(colour, in.getRGB(x + dx, y + dy)) <= CLEARLY) {
                    return false;
                }
            }
        }
        return true;
    }

    private static int off(int p, int q) {
        return Math.abs((p >> 16 & 255) - (q >> 16 & 255))
                + Math.abs((p >> 8 & 255) - (q >> 8 & 255))
                + Math.abs((p & 255) - (q & 255));
    }
}

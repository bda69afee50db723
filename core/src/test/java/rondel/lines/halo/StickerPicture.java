package rondel.lines.halo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import rondel.job.Media;

/** Pictures as stickers come. */
final class StickerPicture {

    private StickerPicture() {}

    /** Soft-edged discs on a clear ground.
     *
     * @param discs the middle and radius of each, in px */
    static Media of(int width, int height, double[]... discs) {
        byte[] bytes = {1, 2, (byte) discs.length, (byte) width};
        return new Media(
                Media.idOf(bytes),
                "png",
                new Media.Bytes(bytes, m -> {
                    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
                    Graphics2D g = image.createGraphics();
                    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
                    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
                    g.setColor(Color.PINK);
                    for (double[] d : discs) {
                        g.fill(new Ellipse2D.Double(d[0] - d[2], d[1] - d[2], 2 * d[2], 2 * d[2]));
                    }
                    g.dispose();
                    return image;
                }),
                width,
                height,
                1);
    }
}

package rondel.desktop.run;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.image.Image;
import rondel.desktop.look.FxPictures;

/** A picture at half its size, half of that and so on (mipmaps), so that it looks as clean small as it does large.
 *
 * @param images the largest first */
record HalvedImages(List<Image> images) {

    private static final int SMALLEST = 200;

    /** Slow for large pictures. */
    static HalvedImages of(BufferedImage picture) {
        List<Image> all = new ArrayList<>();
        BufferedImage now = scaled(picture, picture.getWidth(), picture.getHeight());
        all.add(FxPictures.of(now));
        while (Math.min(now.getWidth(), now.getHeight()) > 2 * SMALLEST) {
            now = scaled(now, now.getWidth() / 2, now.getHeight() / 2);
            all.add(FxPictures.of(now));
        }
        return new HalvedImages(List.copyOf(all));
    }

    private static BufferedImage scaled(BufferedImage picture, int width, int height) {
        BufferedImage result = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = result.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(picture, 0, 0, width, height, null);
        g.dispose();
        return result;
    }

    /** The smallest that is at least so wide. */
    Image forWidth(double pixels) {
        Image best = images.getFirst();
        for (Image i : images) {
            best = i.getWidth() >= pixels ? i : best;
        }
        return best;
    }
}

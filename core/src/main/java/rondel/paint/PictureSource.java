package rondel.paint;

import java.awt.image.BufferedImage;
import rondel.job.Media;

/** Where the painter gets pixels from. */
public interface PictureSource {

    /** The upright picture in sRGB, at its own size or at a smaller one that is no smaller than {@code scale} times it.
     *
     * @param scale painted pixels per picture pixel, above 0 */
    BufferedImage pixels(Media media, double scale);
}

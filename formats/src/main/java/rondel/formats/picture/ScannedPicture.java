package rondel.formats.picture;

import java.awt.image.BufferedImage;
import java.util.Optional;
import rondel.job.Media;
import rondel.words.Refusal;

/** A picture to measure on: all its pixels, upright.
 *
 * @param ppi pixels per inch, where the file says and says the same both ways */
public record ScannedPicture(BufferedImage image, Optional<Double> ppi) {

    private static final double SAME = 0.01;

    /** @param file how to call it in refusals
     *  @throws Refusal if it is no PNG or JPEG, or damaged */
    public static ScannedPicture of(byte[] bytes, String file) {
        Media media = PictureReader.media(bytes, file);
        if (!media.isReadable()) {
            throw Refusal.of("picture.broken", file);
        }
        Optional<Double> ppi = PictureTags.of(bytes)
                .ppi()
                .filter(p -> Math.abs(p.x() / p.y() - 1) < SAME)
                .map(PictureTags.Ppi::x);
        return new ScannedPicture(PictureDecoder.decode(media, 0), ppi);
    }
}

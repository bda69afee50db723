package rondel.raster;

import java.awt.image.BufferedImage;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.job.Media;
import rondel.words.Refusal;

/** The part of a picture's frame that holds all pixels that can be seen. */
public final class SeenBox {

    /** From which opacity, 0 to 1, a pixel counts as seen where nothing else is said: fainter ones are dust of a scan or of a soft
     *  edge. */
    public static final double THRESHOLD = 0.1;

    private SeenBox() {}

    /** @param frame of the whole picture
     *  @return nothing where all of it counts, where nothing can be seen, or where its pixels can't be read */
    public static Optional<Box> of(Media media, Box frame, double threshold) {
        if (media.extension().equals("jpg")) {
            return Optional.empty();
        }
        BufferedImage image;
        try {
            image = media.pixels();
        } catch (Refusal unreadable) {
            return Optional.empty(); // that it can't be read is told by those who paint it
        }
        return image.getColorModel().hasAlpha() ? of(image, frame, threshold) : Optional.empty();
    }

    private static Optional<Box> of(BufferedImage image, Box frame, double threshold) {
        int least = (int) Math.max(1, Math.ceil(threshold * 255));
        double across = frame.width() / image.getWidth();
        double down = frame.height() / image.getHeight();
        return VisiblePixels.of(image, least)
                .filter(seen -> seen.width() < image.getWidth() || seen.height() < image.getHeight())
                .map(seen -> new Box(
                        frame.x() + seen.left() * across,
                        frame.y() + seen.top() * down,
                        seen.width() * across,
                        seen.height() * down));
    }
}

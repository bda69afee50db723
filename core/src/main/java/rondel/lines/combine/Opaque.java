package rondel.lines.combine;

import java.awt.image.BufferedImage;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.raster.LevelLines;

/** The outline of what is opaque in a picture; of one without alpha, its frame.
 *
 * @param threshold from which opacity, 0 to 1, a pixel counts */
public record Opaque(Job job, double threshold) {

    /** In pixels: less than what can be told from soft edges. */
    private static final double FINE = 0.12;

    /** In the picture's own space. */
    public Outline of(PictureElement picture) {
        Media media = job.media().get(picture.media());
        Box frame = picture.frame();
        if (media == null) {
            return Outline.rectangle(frame);
        }
        Affine toFrame = Affine.translate(frame.x(), frame.y())
                .times(Affine.scale(frame.width() / media.width(), frame.height() / media.height()));
        return of(media.pixels()).transformed(toFrame);
    }

    private Outline of(BufferedImage image) {
        if (!image.getColorModel().hasAlpha()) {
            return Outline.rectangle(new Box(0, 0, image.getWidth(), image.getHeight()));
        }
        double level = Math.clamp(Math.floor(threshold * 255) + 0.5, 0.5, 254.5);
        return LevelLines.of(
                image.getWidth(),
                image.getHeight(),
                (y, row) -> {
                    image.getRGB(0, y, row.length, 1, row, 0, row.length);
                    for (int x = 0; x < row.length; x++) {
                        row[x] >>>= 24;
                    }
                },
                level,
                FINE);
    }
}

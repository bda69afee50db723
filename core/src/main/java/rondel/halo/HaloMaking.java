package rondel.halo;

import java.awt.image.BufferedImage;
import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.HaloShape;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.raster.LevelLines;
import rondel.shapes.Silhouette;

/** Computes halos: what artwork covers, and the outline at a distance around it, on the sheet. */
final class HaloMaking {

    /** In pixels: less than what can be told from soft edges. */
    private static final double FINE = 0.12;

    private final Job job;
    private final HaloShape shape;

    HaloMaking(Job job, HaloShape shape) {
        this.job = job;
        this.shape = shape;
    }

    /** What an element covers on its sheet: of pictures, what is opaque. Lines count with their area. */
    Outline covered(Located at) {
        return new Silhouette(true, this::opaque).of(at.element(), at.toSheet());
    }

    /** What several elements cover together. */
    Outline covered(List<Located> all) {
        return Overlay.of(all.stream()
                        .map(l -> new Operand(covered(l), FillRule.NON_ZERO))
                        .toList())
                .unite();
    }

    Outline around(Outline covered) {
        Outline clean =
                Overlay.of(List.of(new Operand(covered, FillRule.NON_ZERO))).unite();
        return clean.isEmpty() ? Outline.EMPTY : Offsetting.of(clean, shape);
    }

    private Outline opaque(PictureElement picture) {
        Media media = job.media().get(picture.media());
        Box frame = picture.frame();
        if (media == null) {
            return Outline.rectangle(frame);
        }
        Affine toFrame = Affine.translate(frame.x(), frame.y())
                .times(Affine.scale(frame.width() / media.width(), frame.height() / media.height()));
        return opaque(media.pixels()).transformed(toFrame);
    }

    /** The outline of what is opaque, in pixels; of a picture without alpha, its edge. */
    private Outline opaque(BufferedImage image) {
        if (!image.getColorModel().hasAlpha()) {
            return Outline.rectangle(new Box(0, 0, image.getWidth(), image.getHeight()));
        }
        double level = Math.clamp(Math.floor(shape.threshold() * 255) + 0.5, 0.5, 254.5);
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

package rondel.paint;

import java.awt.AlphaComposite;
import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Media;
import rondel.job.PictureElement;

/** Paints pictures, in the level of detail that is needed. */
final class PicturePainting {

    private PicturePainting() {}

    /** @param source what the picture shows; null where the job has it no more */
    static void paint(Graphics2D g, PictureElement p, Media source, PictureSource pictures) {
        Box frame = p.frame();
        if (source == null) {
            g.setColor(Colours.MISSING);
            g.fill(new java.awt.geom.Rectangle2D.Double(frame.x(), frame.y(), frame.width(), frame.height()));
            return;
        }
        Affine toDevice = Affine.of(g.getTransform());
        double scale = Math.max(
                Math.hypot(toDevice.a(), toDevice.b()) * frame.width() / source.width(),
                Math.hypot(toDevice.c(), toDevice.d()) * frame.height() / source.height());
        BufferedImage pixels = pictures.pixels(source, Math.max(scale, 1e-6));
        Composite before = g.getComposite();
        if (p.opacity() < 1) {
            g.setComposite(AlphaComposite.SrcOver.derive((float) p.opacity()));
        }
        AffineTransform place = AffineTransform.getTranslateInstance(frame.x(), frame.y());
        place.scale(frame.width() / pixels.getWidth(), frame.height() / pixels.getHeight());
        g.drawImage(pixels, place, null);
        g.setComposite(before);
    }
}

package rondel.lines.backdrop;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.job.Element;
import rondel.job.Located;
import rondel.job.PictureElement;

/** Places on the sheet as fractions of a picture's width and height.
 *
 * @param toPicture from the sheet to fractions
 * @param width of the picture on the sheet, in mm */
public record OnPicture(PictureElement picture, Affine toPicture, double width) {

    /** Nothing where it is no picture, or a flattened one. */
    public static Optional<OnPicture> of(Located at) {
        Element e = at.element();
        if (!(e instanceof PictureElement p)) {
            return Optional.empty();
        }
        Box f = p.frame();
        Affine fractions = Affine.scale(1 / f.width(), 1 / f.height()).times(Affine.translate(-f.x(), -f.y()));
        Affine toSheet = at.ownToSheet();
        return toSheet.inverse().map(back -> new OnPicture(p, fractions.times(back), f.width() * toSheet.meanScale()));
    }

    /** How it is cleared with a click more: in the backdrop there. */
    public BackdropSettings withClick(BackdropSettings settings, Point onSheet) {
        return settings.withClick(toPicture.apply(onSheet));
    }

    /** How it is cleared with a stroke more.
     *
     * @param radius of the brush, in mm on the sheet */
    public BackdropSettings withStroke(BackdropSettings settings, boolean keep, double radius, List<Point> onSheet) {
        return settings.withStroke(new BackdropSettings.Brush(
                keep,
                Math.clamp(radius / width, 1e-4, 1),
                onSheet.stream().map(toPicture::apply).toList()));
    }
}

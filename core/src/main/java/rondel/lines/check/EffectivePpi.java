package rondel.lines.check;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import rondel.geometry.Affine;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.PictureElement;

/** How many of a picture's own pixels there are to an inch of the sheet, where it has the fewest. */
public final class EffectivePpi {

    /** Fewer than this show in print at arm's length. */
    public static final double LEAST_FOR_PRINT = 200;

    private static final double MM_PER_INCH = 25.4;

    private EffectivePpi() {}

    /** The least of all visible pictures in an element; nothing where it holds none.
     *
     * @param toSheet from the element's parent to the sheet */
    public static OptionalDouble of(Element e, Affine toSheet, Map<MediaId, Media> media) {
        Affine own = toSheet.times(e.placement());
        if (e instanceof PictureElement p) {
            Media source = media.get(p.media());
            return source == null ? OptionalDouble.empty() : OptionalDouble.of(of(p, own, source));
        }
        List<Element> inside = e instanceof CopyElement c ? c.asGroup().children() : e.children();
        return inside.stream()
                .filter(c -> !c.hidden())
                .map(c -> of(c, own, media))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .min();
    }

    private static double of(PictureElement p, Affine own, Media source) {
        double width = p.frame().width() * Math.hypot(own.a(), own.b()) / MM_PER_INCH;
        double height = p.frame().height() * Math.hypot(own.c(), own.d()) / MM_PER_INCH;
        return Math.min(source.width() / Math.max(width, 1e-9), source.height() / Math.max(height, 1e-9));
    }
}

package rondel.geometry.shape;

import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** A banner with swallow tails.
 *
 * @param notch how far its ends are cut in */
public record BannerShape(
        @Mm double width, @Mm double height, @Mm double notch) implements PlainShape {

    public BannerShape {
        ShapeLimits.size(width, height);
        ShapeLimits.length("notch", notch);
    }

    @Override
    public Outline outline() {
        double n = Math.min(notch, width * 0.49);
        OutlineBuilder out = new OutlineBuilder().moveTo(0, 0).lineTo(width, 0);
        if (n > 0) {
            out.lineTo(width - n, height / 2);
        }
        out.lineTo(width, height).lineTo(0, height);
        if (n > 0) {
            out.lineTo(n, height / 2);
        }
        return out.close().build();
    }

    @Override
    public BannerShape sized(double sx, double sy, double lengths) {
        return new BannerShape(width * sx, height * sy, notch * lengths);
    }
}

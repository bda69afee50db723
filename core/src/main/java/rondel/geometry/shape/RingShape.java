package rondel.geometry.shape;

import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** A ring.
 *
 * @param thickness from its outside to its hole */
public record RingShape(
        @Mm double width, @Mm double height, @Mm double thickness) implements PlainShape {

    public RingShape {
        ShapeLimits.size(width, height);
        ShapeLimits.length("thickness", thickness);
    }

    @Override
    public Outline outline() {
        double rx = width / 2;
        double ry = height / 2;
        OutlineBuilder out = OvalShape.ellipse(new OutlineBuilder(), rx, ry, rx, ry, true);
        if (thickness < Math.min(rx, ry)) {
            OvalShape.ellipse(out, rx, ry, rx - thickness, ry - thickness, false);
        }
        return out.build();
    }

    @Override
    public RingShape sized(double sx, double sy, double lengths) {
        return new RingShape(width * sx, height * sy, thickness * lengths);
    }
}

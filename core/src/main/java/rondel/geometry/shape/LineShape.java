package rondel.geometry.shape;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** A straight line from one place to another. */
public record LineShape(
        @Mm @LeftOut("0") double x1,
        @Mm @LeftOut("0") double y1,
        @Mm double x2,
        @Mm double y2) implements PlainShape {

    public LineShape {
        ShapeLimits.place(x1);
        ShapeLimits.place(y1);
        ShapeLimits.place(x2);
        ShapeLimits.place(y2);
    }

    @Override
    public Outline outline() {
        return new OutlineBuilder().moveTo(x1, y1).lineTo(x2, y2).build();
    }

    @Override
    public LineShape sized(double sx, double sy, double lengths) {
        return new LineShape(x1 * sx, y1 * sy, x2 * sx, y2 * sy);
    }
}

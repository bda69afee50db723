package rondel.geometry.shape;

import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** A heart. */
public record HeartShape(@Mm double width, @Mm double height) implements PlainShape {

    public HeartShape {
        ShapeLimits.size(width, height);
    }

    @Override
    public Outline outline() {
        OutlineBuilder out = new OutlineBuilder();
        out.moveTo(0.5 * width, height);
        curve(out, 0.22, 0.78, 0, 0.56, 0, 0.28);
        curve(out, 0, 0.11, 0.12, 0, 0.27, 0);
        curve(out, 0.38, 0, 0.46, 0.07, 0.5, 0.17);
        curve(out, 0.54, 0.07, 0.62, 0, 0.73, 0);
        curve(out, 0.88, 0, 1, 0.11, 1, 0.28);
        curve(out, 1, 0.56, 0.78, 0.78, 0.5, 1);
        return out.close().build();
    }

    private void curve(OutlineBuilder out, double x1, double y1, double x2, double y2, double x, double y) {
        out.cubicTo(x1 * width, y1 * height, x2 * width, y2 * height, x * width, y * height);
    }

    @Override
    public HeartShape sized(double sx, double sy, double lengths) {
        return new HeartShape(width * sx, height * sy);
    }
}

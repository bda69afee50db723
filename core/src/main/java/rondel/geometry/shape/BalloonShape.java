package rondel.geometry.shape;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** A speech balloon: a box with round corners and a pointed tail below it. The tail is part of its height.
 *
 * @param radius of its corners
 * @param tail how long its tail is
 * @param tailWidth how wide the tail is where it begins
 * @param tailAt where the tail begins, as a share of the straight lower side
 * @param tipAt where the tail ends, as a share of the width */
public record BalloonShape(
        @Mm double width,
        @Mm double height,
        @Mm @LeftOut("0") double radius,
        @Mm double tail,
        @Mm double tailWidth,
        @LeftOut("0.3") double tailAt,
        @LeftOut("0.2") double tipAt)
        implements PlainShape {

    public BalloonShape {
        ShapeLimits.size(width, height);
        ShapeLimits.length("radius", radius);
        ShapeLimits.length("tail", tail);
        ShapeLimits.length("tail_width", tailWidth);
        ShapeLimits.share("tail_at", tailAt);
        ShapeLimits.share("tip_at", tipAt);
    }

    @Override
    public Outline outline() {
        double body = height - Math.min(tail, height * 0.9);
        double r = Math.min(radius, Math.min(width, body) / 2 * 0.9);
        double straight = width - 2 * r;
        double foot = Math.min(tailWidth, straight);
        double left = r + (straight - foot) * tailAt;
        OutlineBuilder out = new OutlineBuilder().moveTo(r, 0).lineTo(width - r, 0);
        round(out, r, width, r);
        out.lineTo(width, body - r);
        round(out, r, width - r, body);
        if (left + foot < width - r) {
            out.lineTo(left + foot, body);
        }
        if (foot > 0 && tail > 0) {
            out.lineTo(width * tipAt, height).lineTo(left, body);
        }
        if (out.x() > r) { // also where there is no tail, wherever it would stand
            out.lineTo(r, body);
        }
        round(out, r, 0, body - r);
        out.lineTo(0, r);
        round(out, r, r, 0);
        return out.close().build();
    }

    private static void round(OutlineBuilder out, double r, double x, double y) {
        if (r > 0) {
            out.arcTo(r, r, 0, false, true, x, y);
        }
    }

    @Override
    public BalloonShape sized(double sx, double sy, double lengths) {
        return new BalloonShape(
                width * sx, height * sy, radius * lengths, tail * lengths, tailWidth * lengths, tailAt, tipAt);
    }
}

package rondel.paint;

import java.awt.BasicStroke;
import java.util.List;
import java.util.OptionalDouble;
import rondel.geometry.Affine;
import rondel.job.Stroke;

/** Strokes as Java 2D draws them. */
public final class Pens {

    private static final double THINNEST = 0.125;

    private Pens() {}

    public static BasicStroke of(Stroke stroke) {
        int cap =
                switch (stroke.cap()) {
                    case BUTT -> BasicStroke.CAP_BUTT;
                    case ROUND -> BasicStroke.CAP_ROUND;
                    case SQUARE -> BasicStroke.CAP_SQUARE;
                };
        int join =
                switch (stroke.join()) {
                    case MITER -> BasicStroke.JOIN_MITER;
                    case ROUND -> BasicStroke.JOIN_ROUND;
                    case BEVEL -> BasicStroke.JOIN_BEVEL;
                };
        float width = (float) stroke.width();
        float miter = (float) Math.max(1, stroke.miterLimit());
        double period = stroke.dashes().stream().mapToDouble(d -> d).sum();
        if (!(period > 0)) {
            return new BasicStroke(width, cap, join, miter);
        }
        double phase = stroke.dashOffset() % period;
        return new BasicStroke(
                width, cap, join, miter, floats(stroke.dashes()), (float) (phase < 0 ? phase + period * 2 : phase));
    }

    /** How much of its colour a line keeps that is thinner than the thinnest one Java 2D draws, an eighth of a pixel: so hairlines
     *  are as faint as they are thin. Nothing for a line that is drawn as wide as it is. */
    static OptionalDouble thinness(Stroke stroke, Affine toPixels) {
        double pixels = stroke.width() * toPixels.meanScale();
        return pixels < THINNEST ? OptionalDouble.of(pixels / THINNEST) : OptionalDouble.empty();
    }

    /** Java 2D, unlike SVG, does not repeat an odd list before it starts over. */
    private static float[] floats(List<Double> dashes) {
        int n = dashes.size();
        float[] result = new float[n % 2 == 0 ? n : 2 * n];
        for (int i = 0; i < result.length; i++) {
            result[i] = dashes.get(i % n).floatValue();
        }
        return result;
    }
}

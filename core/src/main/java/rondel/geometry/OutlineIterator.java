package rondel.geometry;

import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;

/** Java 2D's walk over an outline's segments. */
final class OutlineIterator implements PathIterator {

    private final byte[] verbs;
    private final double[] coords;
    private final AffineTransform affine;
    private final int windingRule;
    private int verb;
    private int coord;

    OutlineIterator(Outline outline, AffineTransform affine, FillRule rule) {
        this.verbs = outline.verbs;
        this.coords = outline.coords;
        this.affine = affine == null || affine.isIdentity() ? null : affine;
        this.windingRule = rule == FillRule.EVEN_ODD ? WIND_EVEN_ODD : WIND_NON_ZERO;
    }

    private static int points(byte verb) {
        return switch (verb) {
            case Outline.CLOSE -> 0;
            case Outline.QUAD -> 2;
            case Outline.CUBIC -> 3;
            default -> 1;
        };
    }

    @Override
    public int getWindingRule() {
        return windingRule;
    }

    @Override
    public boolean isDone() {
        return verb >= verbs.length;
    }

    @Override
    public void next() {
        coord += 2 * points(verbs[verb]);
        verb++;
    }

    @Override
    public int currentSegment(double[] out) {
        int n = points(verbs[verb]);
        if (n > 0) {
            if (affine == null) {
                System.arraycopy(coords, coord, out, 0, 2 * n);
            } else {
                affine.transform(coords, coord, out, 0, n);
            }
        }
        return verbs[verb];
    }

    @Override
    public int currentSegment(float[] out) {
        double[] exact = new double[6];
        int type = currentSegment(exact);
        for (int i = 0; i < 6; i++) {
            out[i] = (float) exact[i];
        }
        return type;
    }
}

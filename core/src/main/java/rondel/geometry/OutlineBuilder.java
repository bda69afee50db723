package rondel.geometry;

import java.util.Arrays;

/** Collects segments into an {@link Outline}. A segment before the first move starts at the origin; after a close, the
 *  next segment starts at the closed contour's first point, as in SVG. */
public final class OutlineBuilder {

    private byte[] verbs = new byte[16];
    private double[] coords = new double[64];
    private int verbCount;
    private int coordCount;
    private double startX;
    private double startY;
    private double x;
    private double y;
    private boolean open;

    public OutlineBuilder moveTo(double toX, double toY) {
        if (verbCount > 0 && verbs[verbCount - 1] == Outline.MOVE) {
            verbCount--;
            coordCount -= 2;
        }
        add(Outline.MOVE, toX, toY);
        startX = toX;
        startY = toY;
        open = true;
        return this;
    }

    public OutlineBuilder lineTo(double toX, double toY) {
        begin();
        add(Outline.LINE, toX, toY);
        return this;
    }

    public OutlineBuilder quadTo(double cx, double cy, double toX, double toY) {
        begin();
        push(cx, cy);
        add(Outline.QUAD, toX, toY);
        return this;
    }

    public OutlineBuilder cubicTo(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
        begin();
        push(c1x, c1y);
        push(c2x, c2y);
        add(Outline.CUBIC, toX, toY);
        return this;
    }

    /** An elliptical arc as SVG's {@code A} (SVG 2, appendix B.2), as cubics of at most 45 degrees each, which keeps the
     *  error under 5 millionths of the radius. */
    public OutlineBuilder arcTo(
            double rx, double ry, double turn, boolean large, boolean sweep, double toX, double toY) {
        begin();
        EllipticalArc.append(this, x, y, rx, ry, turn, large, sweep, toX, toY);
        return this;
    }

    public OutlineBuilder close() {
        if (open) {
            if (verbCount == verbs.length) {
                verbs = Arrays.copyOf(verbs, verbCount * 2);
            }
            verbs[verbCount++] = Outline.CLOSE;
            x = startX;
            y = startY;
            open = false;
        }
        return this;
    }

    public double x() {
        return x;
    }

    public double y() {
        return y;
    }

    /** Contours of a single point without a segment are left out. */
    public Outline build() {
        if (verbCount > 0 && verbs[verbCount - 1] == Outline.MOVE) {
            verbCount--;
            coordCount -= 2;
        }
        if (verbCount == 0) {
            return Outline.EMPTY;
        }
        for (int i = 0; i < coordCount; i++) {
            if (!Double.isFinite(coords[i])) {
                throw new IllegalArgumentException("a coordinate is not a finite number");
            }
        }
        return new Outline(Arrays.copyOf(verbs, verbCount), Arrays.copyOf(coords, coordCount));
    }

    private void begin() {
        if (!open) {
            moveTo(startX, startY);
        }
    }

    private void add(byte verb, double toX, double toY) {
        if (verbCount == verbs.length) {
            verbs = Arrays.copyOf(verbs, verbCount * 2);
        }
        verbs[verbCount++] = verb;
        push(toX, toY);
        x = toX;
        y = toY;
    }

    private void push(double px, double py) {
        if (coordCount + 2 > coords.length) {
            coords = Arrays.copyOf(coords, coords.length * 2);
        }
        coords[coordCount++] = px;
        coords[coordCount++] = py;
    }
}

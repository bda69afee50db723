package rondel.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Immutable contours made of straight lines, quadratic and cubic Béziers. A contour starts with a move and may be closed.
 * Coordinates are finite; the unit is that of the space the outline lives in (mm, unless an element scales it).
 */
public final class Outline {

    public static final Outline EMPTY = new Outline(new byte[0], new double[0]);

    static final byte MOVE = PathIterator.SEG_MOVETO;
    static final byte LINE = PathIterator.SEG_LINETO;
    static final byte QUAD = PathIterator.SEG_QUADTO;
    static final byte CUBIC = PathIterator.SEG_CUBICTO;
    static final byte CLOSE = PathIterator.SEG_CLOSE;

    final byte[] verbs;
    final double[] coords;
    private final Optional<Box> bounds;

    /** Where it was asked for last, turned: mostly in its place on the sheet, by each edit and each view anew. */
    private volatile Placed placed;

    private record Placed(Affine affine, Optional<Box> bounds) {}

    Outline(byte[] verbs, double[] coords) {
        this.verbs = verbs;
        this.coords = coords;
        this.bounds = OutlineBounds.of(verbs, coords, Affine.IDENTITY);
    }

    /** Copies the contours of any AWT shape. */
    public static Outline of(Shape shape) {
        OutlineBuilder builder = new OutlineBuilder();
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> builder.moveTo(c[0], c[1]);
                case PathIterator.SEG_LINETO -> builder.lineTo(c[0], c[1]);
                case PathIterator.SEG_QUADTO -> builder.quadTo(c[0], c[1], c[2], c[3]);
                case PathIterator.SEG_CUBICTO -> builder.cubicTo(c[0], c[1], c[2], c[3], c[4], c[5]);
                default -> builder.close();
            }
        }
        return builder.build();
    }

    public static Outline rectangle(Box box) {
        return new OutlineBuilder()
                .moveTo(box.x(), box.y())
                .lineTo(box.right(), box.y())
                .lineTo(box.right(), box.bottom())
                .lineTo(box.x(), box.bottom())
                .close()
                .build();
    }

    public boolean isEmpty() {
        return verbs.length == 0;
    }

    /** Whether another has the same segments, and each of its coordinates lies so near to this one's. */
    public boolean isNear(Outline other, double within) {
        if (!Arrays.equals(verbs, other.verbs) || coords.length != other.coords.length) {
            return false;
        }
        for (int i = 0; i < coords.length; i++) {
            if (!(Math.abs(coords[i] - other.coords[i]) <= within)) {
                return false;
            }
        }
        return true;
    }

    /** How many segments, moves and closes there are. */
    public int size() {
        return verbs.length;
    }

    /** The exact bounds of the curves, not of their control points; nothing for an empty outline. */
    public Optional<Box> bounds() {
        return bounds;
    }

    /** The exact bounds after {@code affine}. */
    public Optional<Box> bounds(Affine affine) {
        if (bounds.isEmpty()) {
            return bounds;
        }
        boolean axesStay = affine.b() == 0 && affine.c() == 0 || affine.a() == 0 && affine.d() == 0;
        if (axesStay) {
            return bounds.map(b -> b.transformed(affine));
        }
        Placed last = placed;
        if (last == null || !last.affine.equals(affine)) {
            last = new Placed(affine, OutlineBounds.of(verbs, coords, affine));
            placed = last;
        }
        return last.bounds;
    }

    public Outline transformed(Affine affine) {
        if (affine.equals(Affine.IDENTITY) || isEmpty()) {
            return this;
        }
        double[] moved = new double[coords.length];
        for (int i = 0; i < coords.length; i += 2) {
            moved[i] = affine.a() * coords[i] + affine.c() * coords[i + 1] + affine.e();
            moved[i + 1] = affine.b() * coords[i] + affine.d() * coords[i + 1] + affine.f();
        }
        return new Outline(verbs, moved);
    }

    /** The same with so many digits after the point: so much shorter where it is written.
     *
     * @param decimals of mm, 0 or more */
    public Outline rounded(int decimals) {
        double steps = StrictMath.pow(10, decimals);
        double[] even = new double[coords.length];
        for (int i = 0; i < coords.length; i++) {
            even[i] = Math.rint(coords[i] * steps) / steps;
        }
        return new Outline(verbs, even);
    }

    /** Both outlines as one, this one's contours first. */
    public Outline plus(Outline other) {
        if (isEmpty()) {
            return other;
        }
        return other.isEmpty() ? this : joined(List.of(this, other));
    }

    /** Any number of outlines as one, with their contours in order. */
    public static Outline joined(List<Outline> outlines) {
        byte[] v = new byte[outlines.stream().mapToInt(o -> o.verbs.length).sum()];
        double[] c = new double[outlines.stream().mapToInt(o -> o.coords.length).sum()];
        int verb = 0;
        int coord = 0;
        for (Outline o : outlines) {
            System.arraycopy(o.verbs, 0, v, verb, o.verbs.length);
            System.arraycopy(o.coords, 0, c, coord, o.coords.length);
            verb += o.verbs.length;
            coord += o.coords.length;
        }
        return new Outline(v, c);
    }

    public int contours() {
        int n = 0;
        for (byte verb : verbs) {
            n += verb == MOVE ? 1 : 0;
        }
        return n;
    }

    /** A view for Java 2D; nothing is copied. */
    public Shape toShape(FillRule rule) {
        return new OutlineShape(this, rule);
    }

    /** Walks the segments; coordinates pass through {@code affine}. */
    public PathIterator iterator(AffineTransform affine, FillRule rule) {
        return new OutlineIterator(this, affine, rule);
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Outline o && Arrays.equals(verbs, o.verbs) && Arrays.equals(coords, o.coords);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(verbs) + Arrays.hashCode(coords);
    }

    @Override
    public String toString() {
        return "Outline[" + contours() + " contours, " + verbs.length + " segments, " + bounds.orElse(null) + "]";
    }
}

package rondel.paint;

import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Crossings;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** What one element may ask of a painter: past it, painting would take minutes, or never end. Told before painting, as Java 2D
 *  can't be called off while it fills. */
public final class PaintBound {

    /** The farthest that anything may lie from a sheet's corner, in mm: floats, which files and pens use, tell places there to a
     *  millimetre yet. */
    public static final double FARTHEST = 1e7;

    /** Dashes of one line: a fine pattern around a sheet of five metres has fewer. */
    private static final double MOST_DASHES = 400_000;

    /** Crossings of an outline's segments with each other: some seconds of filling. */
    private static final double MOST_CROSSINGS = 3e8;

    /** A line's two sides cross for each crossing of the line, and its joins cross both. */
    private static final double STROKED = 16;

    /** Pixel rows that the segments of an outline cross, all added up: some seconds too. */
    private static final double MOST_ROWS = 2e9;

    /** Dashes whose period is shorter than this, in pixels, are drawn as a tint: nobody can tell them from one. */
    private static final double FINEST_DASH = 0.35;

    private PaintBound() {}

    /** Why an element can't be painted; by the key of the sentence.
     *
     * @param toDevice from its own space to pixels
     * @param toSheet from its own space to mm */
    public static Optional<String> problem(Element e, Affine toDevice, Affine toSheet) {
        return switch (e) {
            case ShapeElement s -> problem(s.outline(), s.stroke(), toDevice, toSheet);
            case TextElement t -> problem(t.outline(), t.stroke(), toDevice, toSheet);
            default -> Optional.empty();
        };
    }

    private static Optional<String> problem(Outline outline, Optional<Stroke> stroke, Affine toDevice, Affine toSheet) {
        Optional<Box> box = outline.bounds();
        if (box.isEmpty()) {
            return Optional.empty();
        }
        Box onSheet = box.get().transformed(toSheet);
        double farthest = Math.max(
                Math.max(Math.abs(onSheet.x()), Math.abs(onSheet.y())),
                Math.max(Math.abs(onSheet.right()), Math.abs(onSheet.bottom())));
        if (!(farthest <= FARTHEST)) {
            return Optional.of("paint.tooFar");
        }
        boolean stroked = stroke.filter(Stroke::visible).isPresent();
        double rows = Math.min(box.get().transformed(toDevice).height(), 40_000) * outline.size();
        if (Crossings.estimate(outline) * (stroked ? STROKED : 1) > MOST_CROSSINGS
                || rows > MOST_ROWS && control(outline, toDevice).height > MOST_ROWS) {
            return Optional.of("paint.tooManySegments");
        }
        return stroke.filter(s -> s.visible() && dashes(s, outline, toDevice) > MOST_DASHES)
                .map(s -> "paint.tooManyDashes");
    }

    /** How much of its length a dashed line is drawn, where its dashes are finer than pixels; nothing for others. */
    static Optional<Double> tint(Stroke stroke, Affine toDevice) {
        double period = period(stroke);
        boolean fine = period > 0 && period * toDevice.meanScale() < FINEST_DASH;
        return fine ? Optional.of(on(stroke.dashes()) / period) : Optional.empty();
    }

    private static double dashes(Stroke stroke, Outline outline, Affine toDevice) {
        double period = period(stroke);
        return period > 0 && tint(stroke, toDevice).isEmpty() ? control(outline, Affine.IDENTITY).length / period : 0;
    }

    /** The length after which dashes begin anew; an odd list is taken twice. */
    private static double period(Stroke stroke) {
        double sum = stroke.dashes().stream().mapToDouble(d -> d).sum();
        return stroke.dashes().size() % 2 == 0 ? sum : 2 * sum;
    }

    private static double on(List<Double> dashes) {
        double on = 0;
        for (int i = 0; i < (dashes.size() % 2 == 0 ? dashes.size() : 2 * dashes.size()); i += 2) {
            on += dashes.get(i % dashes.size());
        }
        return on;
    }

    /** How long the lines between the control points of an outline are, and how high, all added up: no less than its own. */
    private record Control(double length, double height) {}

    private static Control control(Outline outline, Affine to) {
        double length = 0;
        double height = 0;
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator it = outline.iterator(to.toAwt(), FillRule.NON_ZERO); !it.isDone(); it.next()) {
            int points =
                    switch (it.currentSegment(c)) {
                        case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 1;
                        case PathIterator.SEG_QUADTO -> 2;
                        case PathIterator.SEG_CUBICTO -> 3;
                        default -> 0;
                    };
            boolean moves = it.currentSegment(c) == PathIterator.SEG_MOVETO;
            for (int i = 0; i < points; i++) {
                length += moves ? 0 : Math.hypot(c[2 * i] - x, c[2 * i + 1] - y);
                height += moves ? 0 : Math.abs(c[2 * i + 1] - y);
                x = c[2 * i];
                y = c[2 * i + 1];
            }
        }
        return new Control(length, height);
    }
}

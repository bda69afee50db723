package rondel.job;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Affine;

/** A line along an outline.
 *
 * @param width in the element's own space, above 0
 * @param miterLimit at least 1
 * @param dashes lengths on, off, on …; empty for a whole line
 * @param dashOffset where in the dashes the line starts */
public record Stroke(
        Paint paint,
        @Mm double width,
        @LeftOut("butt") Cap cap,
        @LeftOut("miter") Join join,
        @LeftOut("4") double miterLimit,
        @LeftOut("[]") List<Double> dashes,
        @LeftOut("0") double dashOffset) {

    /** How an open line ends. */
    public enum Cap {
        BUTT,
        ROUND,
        SQUARE
    }

    /** How two stretches meet at a corner. */
    public enum Join {
        MITER,
        ROUND,
        BEVEL
    }

    public Stroke {
        if (dashes.stream().anyMatch(d -> !(d >= 0))) {
            throw new IllegalArgumentException("dashes below 0");
        }
        dashes = List.copyOf(dashes);
    }

    public static Stroke plain(Rgba colour, double width) {
        return new Stroke(Paint.solid(colour), width, Cap.BUTT, Join.MITER, 4, List.of(), 0);
    }

    public Stroke withPaint(Paint other) {
        return new Stroke(other, width, cap, join, miterLimit, dashes, dashOffset);
    }

    /** The same line without its dashes. */
    public Stroke whole() {
        return new Stroke(paint, width, cap, join, miterLimit, List.of(), 0);
    }

    public Stroke withWidth(double other) {
        return new Stroke(paint, other, cap, join, miterLimit, dashes, dashOffset);
    }

    /** The same line after a change of scale: width and dashes times {@code factor}, paint moved by {@code affine}. */
    public Stroke scaled(double factor, Affine affine) {
        return new Stroke(
                paint.transformed(affine),
                width * factor,
                cap,
                join,
                miterLimit,
                dashes.stream().map(d -> d * factor).toList(),
                dashOffset * factor);
    }

    public boolean visible() {
        return width > 0 && paint.visible();
    }
}

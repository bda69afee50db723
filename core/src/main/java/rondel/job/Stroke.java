package rondel.job;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.words.Refusal;

/** A line along an outline.
 *
 * @param width in the element's own space, above 0
 * @param miterLimit at least 1
 * @param dashes lengths on, off, on …; empty for a whole line
 * @param dashOffset where in the dashes the line starts
 * @param position on which side of a closed outline it lies; along an open one it lies on both, whatever is said */
public record Stroke(
        Paint paint,
        @Mm double width,
        @LeftOut("butt") Cap cap,
        @LeftOut("miter") Join join,
        @LeftOut("4") double miterLimit,
        @LeftOut("[]") List<Double> dashes,
        @LeftOut("0") double dashOffset,
        @LeftOut("centre") Position position) {

    /** Where a line lies along the edge of what it goes around. */
    public enum Position {
        /** Half inside, half outside. */
        CENTRE,
        INSIDE,
        OUTSIDE
    }

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

    /** @throws Refusal if the width or a dash is below 0 */
    public Stroke {
        if (dashes.stream().anyMatch(d -> !(d >= 0))) {
            throw Refusal.of("stroke.dashes");
        }
        if (!(width >= 0)) {
            throw Refusal.of("stroke.notPositive");
        }
        dashes = List.copyOf(dashes);
    }

    /** A line half inside and half outside. */
    public Stroke(
            Paint paint, double width, Cap cap, Join join, double miterLimit, List<Double> dashes, double dashOffset) {
        this(paint, width, cap, join, miterLimit, dashes, dashOffset, Position.CENTRE);
    }

    public static Stroke plain(Rgba colour, double width) {
        return new Stroke(Paint.solid(colour), width, Cap.BUTT, Join.MITER, 4, List.of(), 0);
    }

    public Stroke withPaint(Paint other) {
        return new Stroke(other, width, cap, join, miterLimit, dashes, dashOffset, position);
    }

    /** The same line without its dashes. */
    public Stroke whole() {
        return new Stroke(paint, width, cap, join, miterLimit, List.of(), 0, position);
    }

    public Stroke withPosition(Position other) {
        return new Stroke(paint, width, cap, join, miterLimit, dashes, dashOffset, other);
    }

    public Stroke withWidth(double other) {
        return new Stroke(paint, other, cap, join, miterLimit, dashes, dashOffset, position);
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
                dashOffset * factor,
                position);
    }

    /** How far it reaches out from the outline where that is straight, as a share of its width. */
    public double outwards() {
        return switch (position) {
            case CENTRE -> 0.5;
            case INSIDE -> 0;
            case OUTSIDE -> 1;
        };
    }

    public boolean visible() {
        return width > 0 && paint.visible();
    }
}

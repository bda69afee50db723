package rondel.compose.snap;

import java.util.List;
import rondel.geometry.Axis;
import rondel.geometry.Point;

/** How far something moves to meet what it is near, and what to draw so that a person sees why.
 *
 * @param dx 0 where nothing is near enough
 * @param dy 0 where nothing is near enough */
public record Snap(double dx, double dy, List<Line> lines) {

    public static final Snap NONE = new Snap(0, 0, List.of());

    /** What a line says. */
    public enum Kind {
        /** An edge or a middle meets another's. */
        MEETS,
        /** A guide, a margin or the sheet's edge or middle. */
        SHEET,
        /** Two gaps are equal. */
        EQUAL_GAP
    }

    /** A stretch to draw, on the sheet.
     *
     * @param axis the axis along which it made something move */
    public record Line(Kind kind, Axis axis, Point from, Point to) {}

    public boolean any() {
        return !lines.isEmpty();
    }
}

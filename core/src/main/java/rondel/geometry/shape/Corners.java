package rondel.geometry.shape;

import rondel.fields.LeftOut;
import rondel.fields.Mm;

/** The corners of a box: how they are made, and the radius of each, in mm; 0 for a sharp one. */
public record Corners(
        @LeftOut("round") Style style,
        @Mm @LeftOut("0") double topLeft,
        @Mm @LeftOut("0") double topRight,
        @Mm @LeftOut("0") double bottomRight,
        @Mm @LeftOut("0") double bottomLeft) {

    /** How a corner is made. */
    public enum Style {
        /** A quarter of a circle. */
        ROUND,
        /** Straight across. */
        CUT,
        /** A quarter of a circle about the corner, taken away. */
        HOLLOWED
    }

    public static final Corners USUAL = all(Style.ROUND, 0);

    public Corners {
        ShapeLimits.length("top_left", topLeft);
        ShapeLimits.length("top_right", topRight);
        ShapeLimits.length("bottom_right", bottomRight);
        ShapeLimits.length("bottom_left", bottomLeft);
    }

    public static Corners all(Style style, double radius) {
        return new Corners(style, radius, radius, radius, radius);
    }

    public boolean sharp() {
        return topLeft == 0 && topRight == 0 && bottomRight == 0 && bottomLeft == 0;
    }

    public boolean alike() {
        return topLeft == topRight && topRight == bottomRight && bottomRight == bottomLeft;
    }

    public Corners times(double factor) {
        return new Corners(style, topLeft * factor, topRight * factor, bottomRight * factor, bottomLeft * factor);
    }

    /** The corners as they are drawn in a box: where two would overlap along a side, all become smaller by one factor (CSS
     *  Backgrounds and Borders 3, section 5.5). */
    Corners within(double width, double height) {
        double factor = 1;
        factor = Math.min(factor, share(width, topLeft + topRight));
        factor = Math.min(factor, share(width, bottomLeft + bottomRight));
        factor = Math.min(factor, share(height, topLeft + bottomLeft));
        factor = Math.min(factor, share(height, topRight + bottomRight));
        return factor < 1 ? times(factor) : this;
    }

    private static double share(double side, double corners) {
        return corners > side ? side / corners : 1;
    }
}

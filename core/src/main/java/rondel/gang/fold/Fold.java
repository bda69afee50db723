package rondel.gang.fold;

import rondel.geometry.Point;

/** A line along which the paper is folded, on the outside page, in mm. */
public record Fold(Point from, Point to) {

    static Fold upright(double x, double height) {
        return new Fold(new Point(x, 0), new Point(x, height));
    }

    static Fold level(double y, double width) {
        return new Fold(new Point(0, y), new Point(width, y));
    }
}

package rondel.lines.filling;

/** How points lie in the samples around what they are close to: a copy's own, or those of the edge as they are on the sheet.
 *
 * @param scale from those samples to mm, below 0 where they grow away from what is close */
record GridTransform(DistanceField field, double scale, double a, double b, double c, double d, double e, double f) {

    /** A copy's own points, by what is filled: as they are on the sheet. */
    static GridTransform byEdge(DistanceField inside, Bodies bodies, int copy) {
        return new GridTransform(
                inside,
                -1,
                bodies.fromX(copy, 1, 0),
                bodies.fromY(copy, 1, 0),
                bodies.fromX(copy, 0, 1),
                bodies.fromY(copy, 0, 1),
                bodies.x(copy),
                bodies.y(copy));
    }

    /** Points on the sheet, by what is filled. */
    static GridTransform fromSheet(DistanceField inside) {
        return new GridTransform(inside, -1, 1, 0, 0, 1, 0, 0);
    }

    /** The same points, by a copy instead of what is filled. */
    GridTransform by(Bodies bodies, int copy) {
        double dx = e - bodies.x(copy);
        double dy = f - bodies.y(copy);
        return new GridTransform(
                bodies.motif(copy).around(),
                bodies.size(copy),
                bodies.ownX(copy, a, b),
                bodies.ownY(copy, a, b),
                bodies.ownX(copy, c, d),
                bodies.ownY(copy, c, d),
                bodies.ownX(copy, dx, dy),
                bodies.ownY(copy, dx, dy));
    }

    double u(double x, double y) {
        return a * x + c * y + e;
    }

    double v(double x, double y) {
        return b * x + d * y + f;
    }

    /** How far a point is in what it is close to, in mm. */
    double at(double x, double y) {
        return scale * field.at(u(x, y), v(x, y));
    }
}

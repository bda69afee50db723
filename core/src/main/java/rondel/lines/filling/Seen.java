package rondel.lines.filling;

/** How points lie in the samples around what they are close to: a copy's own, or those of the edge as they are on the sheet.
 *
 * @param scale from those samples to mm, below 0 where they grow away from what is close */
record Seen(DistanceField field, double scale, double a, double b, double c, double d, double e, double f) {

    /** A copy's own points, by what is filled: as they are on the sheet. */
    static Seen byEdge(DistanceField inside, Crowd crowd, int copy) {
        return new Seen(
                inside,
                -1,
                crowd.fromX(copy, 1, 0),
                crowd.fromY(copy, 1, 0),
                crowd.fromX(copy, 0, 1),
                crowd.fromY(copy, 0, 1),
                crowd.x(copy),
                crowd.y(copy));
    }

    /** Points on the sheet, by what is filled. */
    static Seen fromSheet(DistanceField inside) {
        return new Seen(inside, -1, 1, 0, 0, 1, 0, 0);
    }

    /** The same points, by a copy instead of what is filled. */
    Seen by(Crowd crowd, int copy) {
        double dx = e - crowd.x(copy);
        double dy = f - crowd.y(copy);
        return new Seen(
                crowd.motif(copy).around(),
                crowd.size(copy),
                crowd.ownX(copy, a, b),
                crowd.ownY(copy, a, b),
                crowd.ownX(copy, c, d),
                crowd.ownY(copy, c, d),
                crowd.ownX(copy, dx, dy),
                crowd.ownY(copy, dx, dy));
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

package rondel.filling;

/** How points lie in the samples around what they are close to: a copy's own, or those of the edge as they are on the sheet.
 *
 * @param scale from those samples to mm, below 0 where they grow away from what is close */
record Seen(DistanceField field, double scale, double a, double b, double c, double d, double e, double f) {

    /** A copy's own points, by what is filled. */
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

    /** A copy's own points, by another copy. */
    static Seen byCopy(Crowd crowd, int copy, int other) {
        return by(
                crowd,
                other,
                crowd.fromX(copy, 1, 0),
                crowd.fromY(copy, 1, 0),
                crowd.fromX(copy, 0, 1),
                crowd.fromY(copy, 0, 1),
                crowd.x(copy),
                crowd.y(copy));
    }

    /** Points on the sheet, by a copy. */
    static Seen fromSheet(Crowd crowd, int by) {
        return by(crowd, by, 1, 0, 0, 1, 0, 0);
    }

    private static Seen by(Crowd crowd, int j, double ax, double ay, double bx, double by, double x, double y) {
        double dx = x - crowd.x(j);
        double dy = y - crowd.y(j);
        return new Seen(
                crowd.motif(j).around(),
                crowd.size(j),
                crowd.ownX(j, ax, ay),
                crowd.ownY(j, ax, ay),
                crowd.ownX(j, bx, by),
                crowd.ownY(j, bx, by),
                crowd.ownX(j, dx, dy),
                crowd.ownY(j, dx, dy));
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

package rondel.compose.shape;

import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.PlainShape;

/** A plain shape as it is drawn by a drag from one place to another.
 *
 * @param x where the origin of its figures lies on the sheet, in mm */
public record DrawnShape(PlainShape shape, double x, double y) {

    /** Lines drawn with equal sides run at whole multiples of this, in radians. */
    private static final double TURN = Math.PI / 4;

    /** How a drag is meant.
     *
     * @param equal with equal sides; lines at multiples of 45 degrees
     * @param fromMiddle from the middle outwards */
    public record Way(boolean equal, boolean fromMiddle) {}

    /** The shape that a drag makes: its frame lies between the two places. Its own lengths, such as corners, stay as they are, but
     *  for frames smaller than the usual one, in which they are smaller too.
     *
     * @param usual what it would be without a drag
     * @param from where the drag began, in mm on the sheet */
    public static DrawnShape between(PlainShape usual, Point from, Point to, Way way) {
        Point step = new Point(to.x() - from.x(), to.y() - from.y());
        if (usual instanceof LineShape) {
            return line(from, way.equal ? atWholeTurns(step) : step, way.fromMiddle);
        }
        double w = Math.abs(step.x());
        double h = Math.abs(step.y());
        Box frame = usual.outline().bounds().orElseThrow();
        if (way.equal) {
            w = Math.max(w, h);
            h = w;
        }
        w = Math.max(w, LEAST);
        h = Math.max(h, LEAST);
        double left = step.x() < 0 ? from.x() - w : from.x();
        double top = step.y() < 0 ? from.y() - h : from.y();
        double times = way.fromMiddle ? 2 : 1;
        double sx = w * times / frame.width();
        double sy = h * times / frame.height();
        return new DrawnShape(
                usual.sized(sx, sy, Math.min(1, Math.min(sx, sy))),
                way.fromMiddle ? from.x() - w : left,
                way.fromMiddle ? from.y() - h : top);
    }

    /** No side is drawn shorter, in mm. */
    private static final double LEAST = 0.1;

    private static DrawnShape line(Point from, Point step, boolean fromMiddle) {
        return fromMiddle
                ? new DrawnShape(
                        new LineShape(0, 0, 2 * step.x(), 2 * step.y()), from.x() - step.x(), from.y() - step.y())
                : new DrawnShape(new LineShape(0, 0, step.x(), step.y()), from.x(), from.y());
    }

    /** The foot of the step on the nearest of the lines at whole multiples of the turn. */
    private static Point atWholeTurns(Point step) {
        double angle = Math.rint(StrictMath.atan2(step.y(), step.x()) / TURN) * TURN;
        double c = StrictMath.cos(angle);
        double s = StrictMath.sin(angle);
        double along = step.x() * c + step.y() * s;
        return new Point(along * c, along * s);
    }

    /** The shape at its usual size about a place. */
    public static DrawnShape about(PlainShape usual, Point middle) {
        Point centre = usual.outline().bounds().orElseThrow().centre();
        return new DrawnShape(usual, middle.x() - centre.x(), middle.y() - centre.y());
    }
}

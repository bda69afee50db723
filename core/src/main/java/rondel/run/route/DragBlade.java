package rondel.run.route;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/** Where the middle of a holder has to go so that the tip of its blade, which trails behind it by a fixed length, goes along a line. Where
 *  the line goes straight the middle is that length ahead; at a corner the tip stands and the middle swings about it until the blade points
 *  the new way. A blade keeps its direction while it is lifted, so that each line begins with a swing too: the direction is remembered from
 *  line to line. On a line of small circles the middle is on a larger one, as it is everywhere ahead along the tangent. */
public final class DragBlade {

    /** Swings are made in steps of at most so many degrees: chords of a swing of 0.25 mm stay within 0.003 mm of it. */
    private static final double SWING = 18;

    /** What turns less than this, in degrees, is a piece of a curve: the middle goes past it half way between. */
    private static final double CURVE = 10;

    private final double offset;
    private double heading;

    /** @param offset how far the tip is behind, in mm; 0 for a tool that does not trail
     *  @param heading the direction in which the blade points, in radians */
    public DragBlade(double offset, double heading) {
        this.offset = offset;
        this.heading = heading;
    }

    public double heading() {
        return heading;
    }

    /** The way of the middle for one line.
     *
     * @param line that the tip goes along: at least two points that differ */
    public List<Point> way(List<Point> line) {
        if (offset == 0) {
            return line;
        }
        List<Point> way = new ArrayList<>();
        int last = line.size() - 1;
        double first = direction(line.get(0), line.get(1));
        way.add(ahead(line.get(0), heading));
        swing(way, line.get(0), heading, first);
        heading = first;
        for (int i = 1; i < last; i++) {
            Point p = line.get(i);
            double next = direction(p, line.get(i + 1));
            double turn = normal(next - heading);
            if (Math.abs(turn) <= Math.toRadians(CURVE)) {
                way.add(ahead(p, heading + turn / 2));
            } else {
                way.add(ahead(p, heading));
                swing(way, p, heading, next);
            }
            heading = next;
        }
        way.add(ahead(line.get(last), heading));
        return way;
    }

    /** The middle on a circle about the tip, up to the new direction. */
    private void swing(List<Point> way, Point tip, double from, double to) {
        double turn = normal(to - from);
        int steps = (int) Math.ceil(Math.abs(turn) / Math.toRadians(SWING));
        for (int k = 1; k <= steps; k++) {
            way.add(ahead(tip, from + turn * k / steps));
        }
    }

    private Point ahead(Point tip, double direction) {
        return new Point(tip.x() + offset * Math.cos(direction), tip.y() + offset * Math.sin(direction));
    }

    private static double direction(Point a, Point b) {
        return Math.atan2(b.y() - a.y(), b.x() - a.x());
    }

    /** The same angle between half a turn back and half a turn on. */
    private static double normal(double angle) {
        double a = angle % (2 * Math.PI);
        return a > Math.PI ? a - 2 * Math.PI : a <= -Math.PI ? a + 2 * Math.PI : a;
    }
}

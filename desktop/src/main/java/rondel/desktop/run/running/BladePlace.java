package rondel.desktop.run.running;

import java.util.Arrays;
import java.util.List;
import rondel.geometry.Point;
import rondel.run.route.Route;
import rondel.run.route.Stroke;

/** Where the tool is at a time of a route: how many strokes are done, and how far it is in the one it makes. Within a stroke it is taken to go
 *  evenly, which the eye does not tell from how it goes.
 *
 * @param done how many strokes are done
 * @param points how many points of the next one it has come to
 * @param at where it is, in mm
 * @param lowered whether it makes a line */
public record BladePlace(int done, int points, Point at, boolean lowered) {

    /** @param ends when each stroke ends, in s */
    public static BladePlace of(Route route, double[] ends, double seconds) {
        List<Stroke> strokes = route.strokes();
        int found = Arrays.binarySearch(ends, 0, strokes.size(), seconds);
        int done = found >= 0 ? found + 1 : -found - 1;
        if (done >= strokes.size()) {
            return new BladePlace(strokes.size(), 0, route.home(), false);
        }
        Stroke stroke = strokes.get(done);
        double begins = done == 0 ? 0 : ends[done - 1];
        Point from = done == 0 ? route.home() : strokes.get(done - 1).to();
        double way = from.distanceTo(stroke.from());
        double cut = length(stroke.tool());
        // The way there and the line share the time by their lengths at their speeds.
        double travel =
                way / route.machine().travelSpeed() + 2 * route.machine().lift();
        double making = cut / route.tool().speed();
        double share = (seconds - begins) / Math.max(1e-9, ends[done] - begins) * (travel + making);
        if (share < travel) {
            double t = travel == 0 ? 1 : share / travel;
            return new BladePlace(done, 0, between(from, stroke.from(), t), false);
        }
        return along(done, stroke.tool(), cut * (share - travel) / Math.max(1e-9, making));
    }

    private static BladePlace along(int done, List<Point> way, double length) {
        double left = length;
        for (int i = 1; i < way.size(); i++) {
            double d = way.get(i - 1).distanceTo(way.get(i));
            if (left <= d) {
                return new BladePlace(done, i, between(way.get(i - 1), way.get(i), d == 0 ? 1 : left / d), true);
            }
            left -= d;
        }
        return new BladePlace(done, way.size(), way.getLast(), true);
    }

    private static double length(List<Point> way) {
        double sum = 0;
        for (int i = 1; i < way.size(); i++) {
            sum += way.get(i - 1).distanceTo(way.get(i));
        }
        return sum;
    }

    private static Point between(Point a, Point b, double t) {
        return new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()));
    }
}

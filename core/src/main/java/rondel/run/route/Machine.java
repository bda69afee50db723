package rondel.run.route;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/** What a machine can do.
 *
 * @param step the finest way it goes along each axis, in mm
 * @param travelSpeed with the tool lifted, in mm/s
 * @param acceleration in mm/s²
 * @param corner how far from a corner it may be rounded in thought to work out how fast it is gone through, in mm
 * @param lift how long it takes to lift the tool, and to lower it, in s
 * @param feed how far a roll is fed before it goes on along it, in mm */
public record Machine(double step, double travelSpeed, double acceleration, double corner, double lift, double feed) {

    /** The step of HP-GL's plotter unit, and figures of a small cutter for the desk. */
    public static final Machine USUAL = new Machine(0.025, 400, 3000, 0.05, 0.04, 150);

    /** A way in whole steps, each once: at least two points.
     *
     * @param height of what is loaded: steps are counted from its lower edge, in mm */
    List<Point> onSteps(List<Point> way, double height) {
        List<Point> all = new ArrayList<>();
        for (Point p : way) {
            Point q = new Point(rounded(p.x()), height - rounded(height - p.y()));
            if (all.isEmpty() || !all.getLast().equals(q)) {
                all.add(q);
            }
        }
        return all.size() == 1 ? List.of(all.getFirst(), all.getFirst()) : List.copyOf(all);
    }

    /** A coordinate at the nearest step. */
    public double rounded(double mm) {
        return Math.rint(mm / step) * step;
    }
}

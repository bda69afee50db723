package rondel.run.route;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.job.ToolSettings;

/** The way of a tool in one pass, in mm on the sheet with y down, lines in the order in which they are made.
 *
 * @param home where the tool is before and after
 * @param width of what is loaded, and its height, in mm
 * @param order the numbers of the contours in the order in which they are first gone along
 * @param bladeOffset how far the tip trails, in mm; 0 for a tool that does not */
public record Route(
        List<Stroke> strokes,
        Point home,
        double width,
        double height,
        ToolSettings tool,
        Machine machine,
        List<Integer> order,
        double bladeOffset) {

    public Route {
        strokes = List.copyOf(strokes);
        order = List.copyOf(order);
    }

    /** What is left of it where a machine has taken only some strokes: the blade gets its direction anew, and goes on with the first that
     *  was not taken whole.
     *
     * @param taken how many strokes were taken, that for the direction counted */
    public Route from(int taken) {
        if (taken <= 0) {
            return this;
        }
        List<Stroke> left = new ArrayList<>();
        if (taken < strokes.size()) {
            strokes.stream().filter(Stroke::isAligning).forEach(left::add);
            Stroke next = strokes.get(taken);
            List<Point> way = new DragBlade(left.isEmpty() ? 0 : bladeOffset, 0).way(next.design());
            left.add(
                    new Stroke(next.line(), next.design(), left.isEmpty() ? next.tool() : onSteps(way), next.closed()));
            left.addAll(strokes.subList(taken + 1, strokes.size()));
        }
        return new Route(left, home, width, height, tool, machine, order, bladeOffset);
    }

    /** In whole steps of the machine, each once. */
    private List<Point> onSteps(List<Point> way) {
        return machine.onSteps(way, height);
    }

    /** How far the lifted tool goes, without the way home, in mm. */
    public double travel() {
        double sum = 0;
        Point at = home;
        for (Stroke s : strokes) {
            sum += at.distanceTo(s.from());
            at = s.to();
        }
        return sum;
    }

    /** How far the lowered tool goes, in mm. */
    public double cut() {
        return strokes.stream().mapToDouble(s -> Stroke.length(s.tool())).sum();
    }

    /** How long it takes, in s. */
    public double seconds() {
        double[] ends = ends();
        return ends.length == 0 ? 0 : ends[ends.length - 1];
    }

    /** When each stroke ends, in s from the start; then when the tool is home again. */
    public double[] ends() {
        MotionTime time = new MotionTime(machine);
        double[] ends = new double[strokes.size() + 1];
        double at = 0;
        Point from = home;
        for (int i = 0; i < strokes.size(); i++) {
            Stroke s = strokes.get(i);
            at += time.of(List.of(from, s.from()), machine.travelSpeed()) + 2 * machine.lift();
            at += time.of(s.tool(), tool.speed());
            ends[i] = at;
            from = s.to();
        }
        ends[strokes.size()] = at + time.of(List.of(from, home), machine.travelSpeed());
        return ends;
    }
}

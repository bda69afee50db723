package rondel.run.route;

import java.util.List;
import rondel.geometry.Point;

/** One line in the order of a route, from where the tool is lowered to where it is lifted.
 *
 * @param line the number of the contour in its pass; {@link #ALIGNING} for the short one by which the blade gets its direction
 * @param design what is to be cut, with lead-in and overcut
 * @param tool where the middle of the tool goes
 * @param closed whether the line comes back to its start */
public record Stroke(int line, List<Point> design, List<Point> tool, boolean closed) {

    public static final int ALIGNING = -1;

    public Stroke {
        design = List.copyOf(design);
        tool = List.copyOf(tool);
    }

    /** The middle goes straight along it: wherever the blade has pointed, it trails in the end. */
    static Stroke aligning(List<Point> line) {
        return new Stroke(ALIGNING, line, line, false);
    }

    public boolean isAligning() {
        return line == ALIGNING;
    }

    public Point from() {
        return tool.getFirst();
    }

    public Point to() {
        return tool.getLast();
    }

    static double length(List<Point> way) {
        double sum = 0;
        for (int i = 1; i < way.size(); i++) {
            sum += way.get(i - 1).distanceTo(way.get(i));
        }
        return sum;
    }
}

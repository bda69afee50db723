package rondel.devices.cutter.standin;

import java.util.List;
import rondel.geometry.Point;

/** What was cut of one load.
 *
 * @param lines the places that the tip came to, line by line, in mm on the machine's bed, y down from its top
 * @param tools the number of the tool of each line
 * @param seconds how long a real machine takes for it
 * @param whole whether all of it was recorded: what no memory could hold is not */
public record CutRecord(List<List<Point>> lines, List<Integer> tools, double seconds, boolean whole) {
    public CutRecord {
        lines = List.copyOf(lines);
        tools = List.copyOf(tools);
    }
}

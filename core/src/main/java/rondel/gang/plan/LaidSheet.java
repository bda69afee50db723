package rondel.gang.plan;

import java.util.List;
import rondel.geometry.Box;
import rondel.job.Stock;

/** A sheet of stock as a plan lays it out.
 *
 * @param number from 0; both sides have the same
 * @param inside whether it is the other side of the sheet before it
 * @param area where copies may lie: what can be used, without the room for marks */
public record LaidSheet(Stock stock, int number, boolean inside, Box area, List<LaidCopy> copies) {
    public LaidSheet {
        copies = List.copyOf(copies);
    }
}

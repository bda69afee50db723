package rondel.gang.plan;

import java.util.List;
import rondel.job.Stock;

/** What a plan comes to.
 *
 * @param sheets in their order, the other side of each right after it
 * @param left how many copies found no place, as the stock ran out */
public record Layout(List<LaidSheet> sheets, int left) {
    public Layout {
        sheets = List.copyOf(sheets);
    }

    /** The stock that sheet {@code number} of a plan is of. */
    static Stock stock(List<rondel.job.StockCount> stocks, int number) {
        int first = 0;
        for (rondel.job.StockCount s : stocks) {
            if (s.sheets().isEmpty() || number < first + s.sheets().getAsInt()) {
                return s.stock();
            }
            first += s.sheets().getAsInt();
        }
        return null;
    }
}

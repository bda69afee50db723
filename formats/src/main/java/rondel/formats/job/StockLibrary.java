package rondel.formats.job;

import java.nio.file.Path;
import rondel.gang.stock.ShippedStocks;
import rondel.job.Stock;

/** The stocks that a person has, beside those that ship. */
public final class StockLibrary extends OwnLibrary<Stock> {

    /** @param file that they are kept in; it need not be there yet */
    public StockLibrary(Path file) {
        super(file, Stock.class, ShippedStocks.ALL, Stock::name, "stock.");
    }
}

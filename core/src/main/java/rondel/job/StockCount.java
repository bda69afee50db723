package rondel.job;

import java.util.OptionalInt;

/** A stock and how many sheets of it are there.
 *
 * @param sheets nothing for as many as are needed */
public record StockCount(Stock stock, OptionalInt sheets) {

    public static StockCount of(Stock stock) {
        return new StockCount(stock, OptionalInt.empty());
    }
}

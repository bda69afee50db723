package rondel.gang.stock;

import java.util.List;
import java.util.OptionalDouble;
import rondel.job.Margins;
import rondel.job.Rgba;
import rondel.job.Stock;

/** Stocks by the sizes that paper, card and film are sold in everywhere; a person adds their own. */
public final class ShippedStocks {

    private static final double INCH = 25.4;

    /** What printers for the desk leave at each edge, in mm. */
    private static final double PRINTER = 4.2;

    /** What a cutter needs to hold a sheet, in mm. */
    private static final double CUTTER = 6.35;

    public static final List<Stock> ALL = List.of(
            page("Letter", 8.5 * INCH, 11 * INCH),
            page("A4", 210, 297),
            page("4x6", 4 * INCH, 6 * INCH),
            page("5x7", 5 * INCH, 7 * INCH),
            page("13x19", 13 * INCH, 19 * INCH),
            Stock.sheet("12x12", 12 * INCH, 12 * INCH).withMargins(Margins.NONE, Margins.all(CUTTER)),
            new Stock(
                    "Roll 12 in",
                    12 * INCH,
                    10 * 12 * INCH,
                    true,
                    Margins.NONE,
                    new Margins(CUTTER, 0, CUTTER, 0),
                    Stock.Grain.DOWN,
                    Rgba.WHITE,
                    OptionalDouble.empty()));

    private ShippedStocks() {}

    private static Stock page(String name, double width, double height) {
        return Stock.sheet(name, width, height).withMargins(Margins.all(PRINTER), Margins.all(CUTTER));
    }
}

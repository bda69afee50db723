package rondel.job;

import java.util.OptionalDouble;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Box;
import rondel.words.Refusal;

/** A material as it is bought.
 *
 * @param height of a sheet; of a roll, the longest length that is taken off it at once
 * @param roll whether it comes by the length, so that less of it may be used
 * @param printer what the printer does not reach
 * @param cutter what the cutter does not reach
 * @param price of one sheet, or of a roll's longest length, in the person's own currency */
public record Stock(
        String name,
        @Mm double width,
        @Mm double height,
        @LeftOut("false") boolean roll,
        Margins printer,
        Margins cutter,
        @LeftOut("none") Grain grain,
        @LeftOut("#ffffff") Rgba colour,
        OptionalDouble price) {

    /** Which way the fibres of the material run. */
    public enum Grain {
        NONE,
        /** Across, along the width. */
        ACROSS,
        /** Down, along the height. */
        DOWN
    }

    private static final double SMALLEST = 5;
    private static final double LONGEST = 100_000;

    /** @throws Refusal if a side, a margin or the price can't be */
    public Stock {
        if (name.isBlank()) {
            throw Refusal.of("stock.noName");
        }
        if (!(width >= SMALLEST && width <= LONGEST && height >= SMALLEST && height <= LONGEST)) {
            throw Refusal.of("stock.size", name, SMALLEST, LONGEST);
        }
        if (price.isPresent() && !(price.getAsDouble() >= 0 && Double.isFinite(price.getAsDouble()))) {
            throw Refusal.of("stock.price", name);
        }
        Margins both = printer.and(cutter);
        if (both.left() + both.right() >= width || both.top() + both.bottom() >= height) {
            throw Refusal.of("stock.noRoom", name);
        }
    }

    /** A sheet that both machines reach all of. */
    public static Stock sheet(String name, double width, double height) {
        return new Stock(
                name, width, height, false, Margins.NONE, Margins.NONE, Grain.NONE, Rgba.WHITE, OptionalDouble.empty());
    }

    public Stock withMargins(Margins ofPrinter, Margins ofCutter) {
        return new Stock(name, width, height, roll, ofPrinter, ofCutter, grain, colour, price);
    }

    /** What can be used of it: what both the printer and the cutter reach. */
    public Box usable() {
        Margins both = printer.and(cutter);
        return new Box(
                both.left(), both.top(), width - both.left() - both.right(), height - both.top() - both.bottom());
    }

    /** The share of the stock that some area is.
     *
     * @param used the length of a roll that was used, in mm; the whole height for sheets */
    public double share(double area, double used) {
        return area / (width * (roll ? used : height));
    }
}

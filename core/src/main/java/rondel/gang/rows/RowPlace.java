package rondel.gang.rows;

import rondel.geometry.Box;

/** Where a piece stands on the stock.
 *
 * @param x the left side of its box, in mm on the stock
 * @param quarters how often it is turned by a quarter, clockwise: 0 to 3 */
public record RowPlace(double x, double y, int quarters) {

    /** Whether its sides have changed places. */
    public boolean turned() {
        return quarters % 2 == 1;
    }

    /** The box of a piece of a size that stands there. */
    public Box box(double width, double height) {
        return turned() ? new Box(x, y, height, width) : new Box(x, y, width, height);
    }

    RowPlace moved(double dx, double dy) {
        return new RowPlace(x + dx, y + dy, quarters);
    }
}

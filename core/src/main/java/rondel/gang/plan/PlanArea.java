package rondel.gang.plan;

import rondel.geometry.Box;
import rondel.job.MarkSettings;
import rondel.job.Stock;
import rondel.words.Refusal;

/** Where on a stock copies may lie: what can be used, without the room that marks take. */
public final class PlanArea {

    /** The height of the strips at the top and the bottom for registration marks, names and the colour bar, in mm. */
    public static final double STRIP = 10;

    private PlanArea() {}

    /** @param bothSides whether the other side is made too: its places are mirrored, and must be as usable
     *  @throws Refusal if marks leave no room */
    public static Box of(Stock stock, MarkSettings marks, boolean bothSides) {
        Box usable = stock.usable();
        if (bothSides) {
            double x = Math.max(usable.x(), stock.width() - usable.right());
            double y = Math.max(usable.y(), stock.height() - usable.bottom());
            usable = new Box(x, y, stock.width() - 2 * x, stock.height() - 2 * y);
        }
        double strip = marks.register() || marks.names() || marks.colourBar() ? STRIP : 0;
        double aside = marks.trim() || marks.fold() ? marks.offset() + marks.length() : 0;
        double x = aside;
        double y = aside + strip;
        if (!(usable.width() > 2 * x && usable.height() > 2 * y)) {
            throw Refusal.of("marks.noRoom", stock.name());
        }
        return new Box(usable.x() + x, usable.y() + y, usable.width() - 2 * x, usable.height() - 2 * y);
    }
}

package rondel.gang.rows;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Box;
import rondel.job.RowSettings;
import rondel.words.Refusal;

/** As many pieces of one size as fit into an area in rows: floor((W + g) / (w + g)) across, as the last gutter is not needed. Where some
 *  may be turned, the area is cut from side to side again and again (guillotine cuts at sums of the pieces' sides; Herz, IBM
 *  Journal of Research and Development 16, 1972), and each part holds rows of one orientation. */
public final class StepAndRepeat {

    /** What rounding of sums of lengths may take, in mm. */
    private static final double EXACT = 1e-7;

    /** So many pieces on one sheet are a slip of the hand, and more than a window can show: stickers of 7 mm on a roll of half a metre by five are fewer. */
    private static final int MOST = 50_000;

    private StepAndRepeat() {}

    /** Places of pieces, row by row from the top left.
     *
     * @param area what can be used of the stock
     * @param width of a piece, above 0, in mm
     * @throws Refusal if not one fits, or more than can be made */
    public static List<RowPlace> fill(Box area, double width, double height, RowSettings settings) {
        if (!(width > 0 && height > 0 && Double.isFinite(width) && Double.isFinite(height))) {
            throw Refusal.of("rows.size");
        }
        List<RowPlace> places = placesIn(area, width, height, settings);
        if (places.isEmpty()) {
            throw Refusal.of("rows.tooLarge");
        }
        return places;
    }

    /** As {@link #fill}, but none where not one fits.
     *
     * @throws Refusal if more fit than can be made */
    public static List<RowPlace> placesIn(Box area, double width, double height, RowSettings settings) {
        List<RowPlace> places =
                switch (settings.turns()) {
                    case NONE -> rows(area.width(), area.height(), width, height, settings, false);
                    case QUARTER -> better(area, width, height, settings);
                    case MIXED -> mixed(area, width, height, settings);
                };
        return places.isEmpty() ? places : inArea(places, area, width, height, settings.centred());
    }

    /** How many fit beside each other in a length: the last gutter is not needed. */
    public static int count(double room, double side, double gutter) {
        return Math.max(0, (int) Math.floor((room + gutter + EXACT) / (side + gutter)));
    }

    private static List<RowPlace> better(Box area, double w, double h, RowSettings s) {
        List<RowPlace> upright = rows(area.width(), area.height(), w, h, s, false);
        List<RowPlace> turned = rows(area.width(), area.height(), w, h, s, true);
        return turned.size() > upright.size() ? turned : upright;
    }

    private static List<RowPlace> mixed(Box area, double w, double h, RowSettings s) {
        List<RowPlace> one = better(area, w, h, s);
        List<RowPlace> several = new GuillotineRows(w, h, s).fill(area.width(), area.height());
        return several.size() > one.size() ? several : one;
    }

    /** Rows of one orientation, from the corner of an area. */
    static List<RowPlace> rows(double roomX, double roomY, double w, double h, RowSettings s, boolean turned) {
        double across = turned ? h : w;
        double down = turned ? w : h;
        double stepX = across + s.gutterX();
        double stepY = down + s.gutterY();
        int rows = count(roomY, down, s.gutterY());
        if ((long) rows * count(roomX, across, s.gutterX()) > MOST) {
            throw Refusal.of("rows.tooMany", MOST);
        }
        List<RowPlace> places = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            double begin = s.alternate() == RowSettings.Alternate.SHIFTED && r % 2 == 1 ? stepX / 2 : 0;
            int columns = count(roomX - begin, across, s.gutterX());
            int onHead = s.alternate() == RowSettings.Alternate.TURNED && r % 2 == 1 ? 2 : 0;
            for (int c = 0; c < columns; c++) {
                places.add(new RowPlace(begin + c * stepX, r * stepY, (turned ? 1 : 0) + onHead));
            }
        }
        return places;
    }

    private static List<RowPlace> inArea(List<RowPlace> places, Box area, double w, double h, boolean centred) {
        Box taken = Box.around(places.stream().map(p -> p.box(w, h)).toList()).orElseThrow();
        double dx = area.x() + (centred ? (area.width() - taken.width()) / 2 : 0);
        double dy = area.y() + (centred ? (area.height() - taken.height()) / 2 : 0);
        return places.stream()
                .map(p -> p.moved(dx, dy))
                .sorted(java.util.Comparator.comparingDouble(RowPlace::y).thenComparingDouble(RowPlace::x))
                .toList();
    }
}

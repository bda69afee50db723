package rondel.gang.rows;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import rondel.job.RowSettings;
import rondel.progress.Cancellation;

/** The most pieces of one size, some turned by a quarter, that guillotine cuts part an area into. Cuts are tried only at sums of sides
 *  and gutters, which loses nothing (Herz 1972); results for areas that hold the same are kept. */
final class GuillotineRows {

    /** More cuts are not tried across an area: beyond, mixed turns gain less than a piece in a hundred. */
    private static final int MOST_CUTS = 48;

    private static final double EXACT = 1e-7;

    private record Area(long width, long height) {}

    private final double w;
    private final double h;
    private final RowSettings settings;
    private final Map<Area, List<RowPlace>> known = new HashMap<>();

    GuillotineRows(double w, double h, RowSettings settings) {
        this.w = w;
        this.h = h;
        this.settings = new RowSettings(
                settings.gutterX(),
                settings.gutterY(),
                RowSettings.Turns.QUARTER,
                settings.alternate() == RowSettings.Alternate.TURNED
                        ? settings.alternate()
                        : RowSettings.Alternate.NONE,
                settings.centred());
    }

    List<RowPlace> fill(double width, double height) {
        return best(width, height, 3);
    }

    /** @param depth how many times the area may be cut further */
    private List<RowPlace> best(double width, double height, int depth) {
        Cancellation.check();
        double across = reduced(width, settings.gutterX());
        double down = reduced(height, settings.gutterY());
        Area key = new Area(Math.round(across * 1e4) * 8 + depth, Math.round(down * 1e4));
        List<RowPlace> kept = known.get(key);
        if (kept != null) {
            return kept;
        }
        List<RowPlace> upright = StepAndRepeat.rows(across, down, w, h, settings, false);
        List<RowPlace> turned = StepAndRepeat.rows(across, down, w, h, settings, true);
        List<RowPlace> best = turned.size() > upright.size() ? turned : upright;
        if (depth > 0) {
            for (double x : sums(across, settings.gutterX())) {
                best = larger(
                        best,
                        best(x, down, depth - 1),
                        best(across - x - settings.gutterX(), down, depth - 1),
                        x + settings.gutterX(),
                        0);
            }
            for (double y : sums(down, settings.gutterY())) {
                best = larger(
                        best,
                        best(across, y, depth - 1),
                        best(across, down - y - settings.gutterY(), depth - 1),
                        0,
                        y + settings.gutterY());
            }
        }
        known.put(key, best);
        return best;
    }

    private static List<RowPlace> larger(
            List<RowPlace> best, List<RowPlace> first, List<RowPlace> second, double dx, double dy) {
        if (first.size() + second.size() <= best.size()) {
            return best;
        }
        List<RowPlace> both = new ArrayList<>(first);
        second.forEach(p -> both.add(p.moved(dx, dy)));
        return both;
    }

    /** The longest sum of sides with gutters between them that a length holds: what is beyond holds nothing more. */
    private double reduced(double room, double gutter) {
        double best = 0;
        for (int i = 0; i <= StepAndRepeat.count(room, w, gutter); i++) {
            double first = i * (w + gutter);
            int j = StepAndRepeat.count(room - first, h, gutter);
            best = Math.max(best, first + j * (h + gutter) - gutter);
        }
        return Math.min(room, Math.max(0, best));
    }

    /** Places of cuts: sums of sides with gutters between them, up to the middle, as the other half is the same mirrored. */
    private List<Double> sums(double room, double gutter) {
        TreeSet<Double> sums = new TreeSet<>();
        for (int i = 0; i * (w + gutter) <= room; i++) {
            for (int j = 0; i * (w + gutter) + j * (h + gutter) <= room; j++) {
                double sum = i * (w + gutter) + j * (h + gutter) - gutter;
                if (sum > EXACT && sum <= room / 2 + EXACT) {
                    sums.add(Math.rint(sum * 1e6) / 1e6);
                }
            }
        }
        return sums.stream().limit(MOST_CUTS).toList();
    }
}

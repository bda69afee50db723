package rondel.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/** Boxes packed on a strip by free rectangles that are as large as can be, each into the one that leaves the shortest side (Jylänki 2010, MAXRECTS-BSSF),
 *  turned by a quarter where that is better: what packers of boxes do, as a peer for packing by true shapes. */
final class MaximalRectangles {

    private final List<Envelope> free = new ArrayList<>();
    private double used;

    private MaximalRectangles() {}

    /** The length that boxes take.
     *
     * @param boxes width and height of each, with the gutter */
    static double length(List<double[]> boxes, double width) {
        MaximalRectangles packer = new MaximalRectangles();
        packer.free.add(new Envelope(0, width, 0, 1e6));
        List<double[]> sorted = new ArrayList<>(boxes);
        sorted.sort(Comparator.comparingDouble((double[] b) -> -Math.max(b[0], b[1])));
        sorted.forEach(packer::put);
        return packer.used;
    }

    private void put(double[] box) {
        Envelope best = null;
        double score = Double.POSITIVE_INFINITY;
        for (Envelope f : free) {
            for (double[] b : new double[][] {box, {box[1], box[0]}}) {
                if (b[0] <= f.getWidth() + 1e-9 && b[1] <= f.getHeight()) {
                    double now = Math.max(used, f.getMinY() + b[1]) * 1e3
                            + Math.min(f.getWidth() - b[0], f.getHeight() - b[1]);
                    if (now < score) {
                        score = now;
                        best = new Envelope(f.getMinX(), f.getMinX() + b[0], f.getMinY(), f.getMinY() + b[1]);
                    }
                }
            }
        }
        used = Math.max(used, best.getMaxY());
        split(best);
    }

    private void split(Envelope taken) {
        List<Envelope> next = new ArrayList<>();
        for (Envelope f : free) {
            if (f.getMinX() >= taken.getMaxX() - 1e-9
                    || f.getMaxX() <= taken.getMinX() + 1e-9
                    || f.getMinY() >= taken.getMaxY() - 1e-9
                    || f.getMaxY() <= taken.getMinY() + 1e-9) {
                next.add(f);
                continue;
            }
            add(next, f.getMinX(), taken.getMinX(), f.getMinY(), f.getMaxY());
            add(next, taken.getMaxX(), f.getMaxX(), f.getMinY(), f.getMaxY());
            add(next, f.getMinX(), f.getMaxX(), f.getMinY(), taken.getMinY());
            add(next, f.getMinX(), f.getMaxX(), taken.getMaxY(), f.getMaxY());
        }
        free.clear();
        for (Envelope f : next) {
            if (next.stream().noneMatch(o -> o != f && o.contains(f)) && !free.contains(f)) {
                free.add(f);
            }
        }
    }

    private static void add(List<Envelope> all, double x1, double x2, double y1, double y2) {
        if (x2 - x1 > 1e-6 && y2 - y1 > 1e-6) {
            all.add(new Envelope(x1, x2, y1, y2));
        }
    }
}

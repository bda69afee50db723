package rondel.run.registration;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.progress.Cancellation;

/** Connected parts of a picture that are much darker than the paper around them, by runs of rows that are joined (union-find), with what they
 *  look like from outside. */
final class DarkSpots {

    /** What is darker than this share of the paper's light is dark. */
    private static final float DARK = 0.55f;

    /** Spots that are smaller, in pixels across, are dirt. */
    private static final int LEAST = 4;

    /** A spot by its outer shape, holes filled from side to side.
     *
     * @param x its middle, in pixels
     * @param y its middle, in pixels
     * @param radius of a circle of the same filled area, in pixels
     * @param roundness how its filled area is to that of the ellipse with the same moments: 1 for a disc
     * @param stretch the longer to the shorter axis of that ellipse
     * @param ink how much of the filled area is dark, from 0 to 1 */
    record Spot(double x, double y, double radius, double roundness, double stretch, double ink) {}

    private record Run(int y, int from, int to) {}

    private final List<Run> runs = new ArrayList<>();
    private int[] parent = new int[1024];

    private DarkSpots() {}

    static List<Spot> of(GreyPicture picture) {
        return new DarkSpots().found(picture);
    }

    private List<Spot> found(GreyPicture p) {
        PaperLight paper = new PaperLight(p);
        int beforeFrom = 0;
        int beforeTo = 0;
        for (int y = 0; y < p.height(); y++) {
            if ((y & 63) == 0) {
                Cancellation.check();
            }
            int rowFrom = runs.size();
            row(p, paper, y);
            int k = beforeFrom;
            for (int i = rowFrom; i < runs.size(); i++) {
                Run run = runs.get(i);
                while (k < beforeTo && runs.get(k).to < run.from - 1) {
                    k++;
                }
                for (int j = k; j < beforeTo && runs.get(j).from <= run.to + 1; j++) {
                    join(i, j);
                }
            }
            beforeFrom = rowFrom;
            beforeTo = runs.size();
        }
        Map<Integer, List<Run>> spots = new HashMap<>();
        for (int i = 0; i < runs.size(); i++) {
            spots.computeIfAbsent(root(i), r -> new ArrayList<>()).add(runs.get(i));
        }
        List<Spot> all = new ArrayList<>();
        spots.keySet().stream().sorted().forEach(r -> shape(spots.get(r), all));
        return all;
    }

    private void row(GreyPicture p, PaperLight paper, int y) {
        int from = -1;
        for (int x = 0; x < p.width(); x++) {
            boolean dark = p.at(x, y) < DARK * paper.at(x, y);
            if (dark && from < 0) {
                from = x;
            } else if (!dark && from >= 0) {
                add(new Run(y, from, x - 1));
                from = -1;
            }
        }
        if (from >= 0) {
            add(new Run(y, from, p.width() - 1));
        }
    }

    private void add(Run run) {
        if (runs.size() == parent.length) {
            parent = Arrays.copyOf(parent, 2 * parent.length);
        }
        parent[runs.size()] = runs.size();
        runs.add(run);
    }

    private int root(int i) {
        int r = i;
        while (parent[r] != r) {
            parent[r] = parent[parent[r]];
            r = parent[r];
        }
        return r;
    }

    private void join(int a, int b) {
        int ra = root(a);
        int rb = root(b);
        parent[Math.max(ra, rb)] = Math.min(ra, rb);
    }

    /** Rows are in order, so that each row's outermost ends fill it. */
    private static void shape(List<Run> runs, List<Spot> to) {
        double area = 0;
        double ink = 0;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double syy = 0;
        double sxy = 0;
        int left = Integer.MAX_VALUE;
        int right = 0;
        int top = runs.getFirst().y;
        int bottom = runs.getLast().y;
        for (int i = 0; i < runs.size(); ) {
            int y = runs.get(i).y;
            int from = runs.get(i).from;
            int end = runs.get(i).to;
            for (; i < runs.size() && runs.get(i).y == y; i++) {
                end = runs.get(i).to;
                ink += runs.get(i).to - runs.get(i).from + 1;
            }
            left = Math.min(left, from);
            right = Math.max(right, end);
            double n = end - from + 1;
            double cx = (from + end + 1) / 2.0;
            double cy = y + 0.5;
            area += n;
            sx += n * cx;
            sy += n * cy;
            sxx += n * (cx * cx + (n * n - 1) / 12);
            syy += n * cy * cy;
            sxy += n * cx * cy;
        }
        if (right - left < LEAST || bottom - top < LEAST) {
            return;
        }
        double mx = sx / area;
        double my = sy / area;
        double vxx = sxx / area - mx * mx + 1.0 / 12;
        double vyy = syy / area - my * my + 1.0 / 12;
        double vxy = sxy / area - mx * my;
        double det = vxx * vyy - vxy * vxy;
        if (det <= 0) {
            return;
        }
        double mean = (vxx + vyy) / 2;
        double spread = Math.sqrt(Math.max(0, mean * mean - det));
        double stretch = Math.sqrt((mean + spread) / Math.max(1e-9, mean - spread));
        to.add(new Spot(mx, my, Math.sqrt(area / Math.PI), area / (4 * Math.PI * Math.sqrt(det)), stretch, ink / area));
    }
}

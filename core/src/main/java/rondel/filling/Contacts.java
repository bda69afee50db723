package rondel.filling;

import java.util.Arrays;

/** Where copies on their way are close to each other or to the edge of what is filled: points of their rims, each with what
 *  it is close to. They push what is closer than it may be apart, the more the closer. */
final class Contacts {

    /** Points that are farther from anything than this beyond the gap are left out until the next time they are found, in mm. */
    private static final double SLACK = 0.45;

    /** What true outlines may be off from those that are sampled, in mm. */
    private static final double SAMPLED = 0.012;

    private static final int THE_EDGE = -1;

    /** What is known of each pair: the copy, what it is close to, and the first coordinate of another pair's points. */
    private static final int EACH = 3;

    private final DistanceField edge;
    private final double gap;
    private final Crowd crowd;
    private final double[] slope = new double[3];
    private int[] pairs = new int[EACH * 100];
    private int paired;
    private double[] points = new double[1_000];
    private int count;
    private double tightest;

    /** @param edge how far places are inside what is filled */
    Contacts(DistanceField edge, double gap, Crowd crowd) {
        this.edge = edge;
        this.gap = gap;
        this.crowd = crowd;
    }

    /** How much closer copies were than they may be, at most, when they were last pushed apart. */
    double tightest() {
        return tightest;
    }

    void find() {
        paired = 0;
        count = 0;
        for (int i = 0; i < crowd.count(); i++) {
            if (crowd.moves(i)) {
                find(i, THE_EDGE);
            }
            for (int j = 0; j < crowd.count(); j++) {
                if (i != j && (crowd.moves(i) || crowd.moves(j)) && areNear(i, j)) {
                    find(i, j);
                }
            }
        }
    }

    private boolean areNear(int i, int j) {
        double dx = crowd.x(i) - crowd.x(j);
        double dy = crowd.y(i) - crowd.y(j);
        double reach = crowd.farthest(i) + crowd.farthest(j) + gap + SLACK;
        return dx * dx + dy * dy < reach * reach;
    }

    private void find(int i, int j) {
        Seen seen = seen(i, j);
        int before = count;
        for (double[] contour : crowd.motif(i).contours()) {
            find(i, j, contour, seen);
        }
        if (count > before) {
            if (paired + EACH > pairs.length) {
                pairs = Arrays.copyOf(pairs, 2 * pairs.length);
            }
            pairs[paired++] = i;
            pairs[paired++] = j;
            pairs[paired++] = count;
        }
    }

    /** Points that follow each other on a contour can't come closer by more than the way between them: those that can't be
     *  close yet are passed over. */
    private void find(int i, int j, double[] contour, Seen seen) {
        double limit = j == THE_EDGE ? SLACK : gap + SLACK;
        double spacing = crowd.motif(i).spacing() * crowd.size(i);
        double farthest = j == THE_EDGE ? 0 : crowd.farthest(j);
        for (int r = 0; r < contour.length; ) {
            double u = seen.u(contour[r], contour[r + 1]);
            double v = seen.v(contour[r], contour[r + 1]);
            double least = seen.scale * Math.sqrt(u * u + v * v) - farthest;
            double beyond = (j != THE_EDGE && least >= limit ? least : -seen.scale * seen.field.at(u, v)) - limit;
            if (beyond < 0) {
                add(contour[r], contour[r + 1]);
            }
            r += 2 + 2 * (int) Math.max(0, beyond / spacing);
        }
    }

    private void add(double x, double y) {
        if (count + 2 > points.length) {
            points = Arrays.copyOf(points, 2 * points.length);
        }
        points[count++] = x;
        points[count++] = y;
    }

    /** @param firm how much more they are pushed for each mm that they are too close
     *  @param more how much farther apart than the gap they are to be, in mm */
    void pushApart(double firm, double more) {
        tightest = 0;
        int from = 0;
        for (int p = 0; p < paired; p += EACH) {
            int j = pairs[p + 1];
            double apart = (j == THE_EDGE ? SAMPLED : gap + 2 * SAMPLED) + more;
            pushApart(pairs[p], j, from, pairs[p + 2], j == THE_EDGE ? firm : firm / 2, apart);
            from = pairs[p + 2];
        }
    }

    private void pushApart(int i, int j, int from, int to, double firm, double apart) {
        Seen seen = seen(i, j);
        DistanceField field = seen.field;
        // A point stands for the rim around it.
        double weight = 2 * firm * crowd.motif(i).spacing() * crowd.size(i);
        for (int k = from; k < to; k += 2) {
            double u = seen.u(points[k], points[k + 1]);
            double v = seen.v(points[k], points[k + 1]);
            double lacking = apart + seen.scale * field.at(u, v);
            if (lacking > 0) {
                tightest = Math.max(tightest, lacking);
                field.slopeAt(u, v, slope);
                double ox = crowd.fromX(i, points[k], points[k + 1]);
                double oy = crowd.fromY(i, points[k], points[k + 1]);
                if (j == THE_EDGE) {
                    crowd.push(i, ox, oy, weight * lacking * slope[1], weight * lacking * slope[2]);
                } else {
                    pushApart(i, ox, oy, j, weight * lacking);
                }
            }
        }
    }

    private void pushApart(int i, double ox, double oy, int j, double by) {
        double nx = -crowd.fromX(j, slope[1], slope[2]) / crowd.size(j);
        double ny = -crowd.fromY(j, slope[1], slope[2]) / crowd.size(j);
        crowd.push(i, ox, oy, by * nx, by * ny);
        // The nearest point of the other's rim, not the point itself, is what carries the other.
        double to = crowd.size(j) * slope[0];
        double dx = crowd.x(i) + ox - crowd.x(j);
        double dy = crowd.y(i) + oy - crowd.y(j);
        crowd.push(j, dx + to * nx, dy + to * ny, -by * nx, -by * ny);
    }

    /** How a copy's own points lie in the samples around what it is close to.
     *
     * @param scale from those samples to mm, below 0 where they grow away from what is close */
    private record Seen(DistanceField field, double scale, double a, double b, double c, double d, double e, double f) {

        double u(double x, double y) {
            return a * x + c * y + e;
        }

        double v(double x, double y) {
            return b * x + d * y + f;
        }
    }

    private Seen seen(int i, int j) {
        double ax = crowd.fromX(i, 1, 0);
        double ay = crowd.fromY(i, 1, 0);
        double bx = crowd.fromX(i, 0, 1);
        double by = crowd.fromY(i, 0, 1);
        if (j == THE_EDGE) {
            return new Seen(edge, -1, ax, ay, bx, by, crowd.x(i), crowd.y(i));
        }
        double dx = crowd.x(i) - crowd.x(j);
        double dy = crowd.y(i) - crowd.y(j);
        return new Seen(
                crowd.motif(j).around(),
                crowd.size(j),
                crowd.ownX(j, ax, ay),
                crowd.ownY(j, ax, ay),
                crowd.ownX(j, bx, by),
                crowd.ownY(j, bx, by),
                crowd.ownX(j, dx, dy),
                crowd.ownY(j, dx, dy));
    }
}

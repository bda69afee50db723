package rondel.lines.filling;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;

/** Where copies on their way are close to each other or to the edge of what is filled: points of their rims and corners of the
 *  edge, each with what it is close to. They push what is closer than it may be apart, the more the closer. */
final class Contacts {

    /** Points that are farther from anything than this beyond the gap are left out until the next time they are found, in mm. */
    private static final double SLACK = 0.45;

    /** What true outlines may be off from those that are sampled, in mm. */
    private static final double SAMPLED = 0.012;

    private static final int THE_EDGE = -1;

    /** What is known of each pair: what has the points, what they are close to, and the first coordinate of another pair's
     *  points. */
    private static final int EACH = 3;

    private final Edge edge;
    private final double gap;
    private final Crowd crowd;
    private final double[] slope = new double[3];
    private int[] pairs = new int[EACH * 100];
    private int paired;
    private double[] points = new double[1_000];
    private int count;
    private double tightest;

    Contacts(Edge edge, double gap, Crowd crowd) {
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
                findCorners(i);
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
        pair(i, j, before);
    }

    /** Corners of the edge that a copy is close to. */
    private void findCorners(int j) {
        if (edge.corners().isEmpty()) {
            return;
        }
        Seen seen = seen(THE_EDGE, j);
        int before = count;
        double reach = crowd.farthest(j) + SLACK;
        for (Coordinate c : edge.corners()) {
            double dx = c.x - crowd.x(j);
            double dy = c.y - crowd.y(j);
            if (dx * dx + dy * dy < reach * reach && seen.at(c.x, c.y) > -SLACK) {
                add(c.x, c.y);
            }
        }
        pair(THE_EDGE, j, before);
    }

    private void pair(int i, int j, int before) {
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
            double least = seen.scale() * Math.sqrt(u * u + v * v) - farthest;
            double beyond = (j != THE_EDGE && least >= limit
                            ? least
                            : -seen.scale() * seen.field().at(u, v))
                    - limit;
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
            int i = pairs[p];
            int j = pairs[p + 1];
            boolean edges = i == THE_EDGE || j == THE_EDGE;
            double apart = (edges ? SAMPLED : gap + 2 * SAMPLED) + more;
            pushApart(i, j, from, pairs[p + 2], edges ? firm : firm / 2, apart);
            from = pairs[p + 2];
        }
    }

    private void pushApart(int i, int j, int from, int to, double firm, double apart) {
        Seen seen = seen(i, j);
        DistanceField field = seen.field();
        int copy = i == THE_EDGE ? j : i;
        // A point stands for the rim around it.
        double weight = 2 * firm * crowd.motif(copy).spacing() * crowd.size(copy);
        for (int k = from; k < to; k += 2) {
            double u = seen.u(points[k], points[k + 1]);
            double v = seen.v(points[k], points[k + 1]);
            double lacking = apart + seen.scale() * field.at(u, v);
            if (lacking > 0) {
                tightest = Math.max(tightest, lacking);
                field.slopeAt(u, v, slope);
                push(i, j, points[k], points[k + 1], weight * lacking);
            }
        }
    }

    private void push(int i, int j, double px, double py, double by) {
        if (i == THE_EDGE) {
            pushBack(j, px, py, by);
            return;
        }
        double ox = crowd.fromX(i, px, py);
        double oy = crowd.fromY(i, px, py);
        if (j == THE_EDGE) {
            crowd.push(i, ox, oy, by * slope[1], by * slope[2]);
        } else {
            crowd.push(i, ox, oy, by * awayX(j), by * awayY(j));
            pushBack(j, crowd.x(i) + ox, crowd.y(i) + oy, by);
        }
    }

    /** The nearest point of its rim, not the point itself, is what carries a copy.
     *
     * @param px where the point is on the sheet */
    private void pushBack(int j, double px, double py, double by) {
        double to = crowd.size(j) * slope[0];
        double nx = awayX(j);
        double ny = awayY(j);
        crowd.push(j, px - crowd.x(j) + to * nx, py - crowd.y(j) + to * ny, -by * nx, -by * ny);
    }

    /** The way out of a copy, where the slope was taken. */
    private double awayX(int j) {
        return -crowd.fromX(j, slope[1], slope[2]) / crowd.size(j);
    }

    private double awayY(int j) {
        return -crowd.fromY(j, slope[1], slope[2]) / crowd.size(j);
    }

    private Seen seen(int i, int j) {
        Seen byEdge = i == THE_EDGE ? Seen.fromSheet(edge.inside()) : Seen.byEdge(edge.inside(), crowd, i);
        return j == THE_EDGE ? byEdge : byEdge.by(crowd, j);
    }
}

package rondel.lines.filling;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;

/** Where copies on their way are close to each other or to the edge of what is filled: points of their rims and corners of the
 *  edge, each with what it is close to. They push what is closer than it may be apart, the more the closer. */
final class Contacts {

    private static final int THE_EDGE = -1;

    /** What is known of each pair: what has the points, what they are close to, and the first coordinate of another pair's
     *  points. */
    private static final int EACH = 3;

    private final Edge edge;
    private final double gap;
    private final Bodies bodies;
    private final double[] slope = new double[3];
    private int[] pairs = new int[EACH * 100];
    private int paired;
    private double[] points = new double[1_000];
    private int count;
    private double tightest;

    Contacts(Edge edge, double gap, Bodies bodies) {
        this.edge = edge;
        this.gap = gap;
        this.bodies = bodies;
    }

    /** How much closer copies were than they may be, at most, when they were last pushed apart. */
    double tightest() {
        return tightest;
    }

    void find() {
        paired = 0;
        count = 0;
        for (int i = 0; i < bodies.count(); i++) {
            if (bodies.moves(i)) {
                find(i, THE_EDGE);
                findCorners(i);
            }
            for (int j = 0; j < bodies.count(); j++) {
                if (i != j && (bodies.moves(i) || bodies.moves(j)) && areNear(i, j)) {
                    find(i, j);
                }
            }
        }
    }

    private boolean areNear(int i, int j) {
        double dx = bodies.x(i) - bodies.x(j);
        double dy = bodies.y(i) - bodies.y(j);
        double reach = bodies.farthest(i) + bodies.farthest(j) + gap + FillingTuning.CONTACT_SLACK;
        return dx * dx + dy * dy < reach * reach;
    }

    private void find(int i, int j) {
        GridTransform transform = transform(i, j);
        int before = count;
        for (double[] contour : bodies.motif(i).contours()) {
            find(i, j, contour, transform);
        }
        pair(i, j, before);
    }

    /** Corners of the edge that a copy is close to. */
    private void findCorners(int j) {
        if (edge.corners().isEmpty()) {
            return;
        }
        GridTransform transform = transform(THE_EDGE, j);
        int before = count;
        double reach = bodies.farthest(j) + FillingTuning.CONTACT_SLACK;
        for (Coordinate c : edge.corners()) {
            double dx = c.x - bodies.x(j);
            double dy = c.y - bodies.y(j);
            if (dx * dx + dy * dy < reach * reach && transform.at(c.x, c.y) > -FillingTuning.CONTACT_SLACK) {
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
    private void find(int i, int j, double[] contour, GridTransform transform) {
        double limit = j == THE_EDGE ? FillingTuning.CONTACT_SLACK : gap + FillingTuning.CONTACT_SLACK;
        double spacing = bodies.motif(i).spacing() * bodies.size(i);
        double farthest = j == THE_EDGE ? 0 : bodies.farthest(j);
        for (int r = 0; r < contour.length; ) {
            double u = transform.u(contour[r], contour[r + 1]);
            double v = transform.v(contour[r], contour[r + 1]);
            double least = transform.scale() * Math.sqrt(u * u + v * v) - farthest;
            double beyond = (j != THE_EDGE && least >= limit
                            ? least
                            : -transform.scale() * transform.field().at(u, v))
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
            double apart = (edges ? FillingTuning.SAMPLING_ERROR : gap + 2 * FillingTuning.SAMPLING_ERROR) + more;
            pushApart(i, j, from, pairs[p + 2], edges ? firm : firm / 2, apart);
            from = pairs[p + 2];
        }
    }

    private void pushApart(int i, int j, int from, int to, double firm, double apart) {
        GridTransform transform = transform(i, j);
        DistanceField field = transform.field();
        int copy = i == THE_EDGE ? j : i;
        // A point stands for the rim around it.
        double weight = 2 * firm * bodies.motif(copy).spacing() * bodies.size(copy);
        for (int k = from; k < to; k += 2) {
            double u = transform.u(points[k], points[k + 1]);
            double v = transform.v(points[k], points[k + 1]);
            double lacking = apart + transform.scale() * field.at(u, v);
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
        double ox = bodies.fromX(i, px, py);
        double oy = bodies.fromY(i, px, py);
        if (j == THE_EDGE) {
            bodies.push(i, ox, oy, by * slope[1], by * slope[2]);
        } else {
            bodies.push(i, ox, oy, by * awayX(j), by * awayY(j));
            pushBack(j, bodies.x(i) + ox, bodies.y(i) + oy, by);
        }
    }

    /** The nearest point of its rim, not the point itself, is what carries a copy.
     *
     * @param px where the point is on the sheet */
    private void pushBack(int j, double px, double py, double by) {
        double to = bodies.size(j) * slope[0];
        double nx = awayX(j);
        double ny = awayY(j);
        bodies.push(j, px - bodies.x(j) + to * nx, py - bodies.y(j) + to * ny, -by * nx, -by * ny);
    }

    /** The way out of a copy, where the slope was taken. */
    private double awayX(int j) {
        return -bodies.fromX(j, slope[1], slope[2]) / bodies.size(j);
    }

    private double awayY(int j) {
        return -bodies.fromY(j, slope[1], slope[2]) / bodies.size(j);
    }

    private GridTransform transform(int i, int j) {
        GridTransform byEdge =
                i == THE_EDGE ? GridTransform.fromSheet(edge.inside()) : GridTransform.byEdge(edge.inside(), bodies, i);
        return j == THE_EDGE ? byEdge : byEdge.by(bodies, j);
    }
}

package rondel.filling;

import java.util.Arrays;
import java.util.List;

/** Where copies on their way are close to each other or to the edge of what is filled: points of their rims, each with what
 *  it is close to. They push what is closer than it may be apart, the more the closer. */
final class Contacts {

    /** Points that are farther from anything than this beyond the gap are left out until the next time they are found, in mm. */
    private static final double SLACK = 0.45;

    /** What true outlines may be off from those that are sampled, in mm. */
    private static final double SAMPLED = 0.012;

    private static final int THE_EDGE = -1;

    /** What is known of each contact: the copy, its contour, where on that, and what it is close to. */
    private static final int EACH = 4;

    private final DistanceField edge;
    private final double gap;
    private final Crowd crowd;
    private final double[] slope = new double[3];
    private int[] found = new int[600];
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
        count = 0;
        for (int i = 0; i < crowd.count(); i++) {
            int[] near = near(i);
            List<double[]> contours = crowd.motif(i).contours();
            for (int c = 0; c < contours.size(); c++) {
                if (crowd.moves(i)) {
                    find(i, c, contours.get(c), THE_EDGE);
                }
                for (int j : near) {
                    find(i, c, contours.get(c), j);
                }
            }
        }
    }

    /** Points that follow each other on a contour can't come closer by more than the way between them: those that can't be
     *  close yet are passed over. */
    private void find(int i, int contour, double[] points, int j) {
        double limit = j == THE_EDGE ? SLACK : gap + SLACK;
        double spacing = crowd.motif(i).spacing() * crowd.size(i);
        for (int r = 0; r < points.length; ) {
            double px = crowd.x(i) + fromX(i, points, r);
            double py = crowd.y(i) + fromY(i, points, r);
            double beyond = (j == THE_EDGE ? edge.at(px, py) : distance(j, px, py)) - limit;
            if (beyond < 0) {
                add(i, contour, r, j);
            }
            r += 2 + 2 * (int) Math.max(0, beyond / spacing);
        }
    }

    private int[] near(int i) {
        int[] near = new int[crowd.count()];
        int n = 0;
        for (int j = 0; j < near.length; j++) {
            double dx = crowd.x(i) - crowd.x(j);
            double dy = crowd.y(i) - crowd.y(j);
            double reach = crowd.farthest(i) + crowd.farthest(j) + gap + SLACK;
            if (i != j && (crowd.moves(i) || crowd.moves(j)) && dx * dx + dy * dy < reach * reach) {
                near[n++] = j;
            }
        }
        return Arrays.copyOf(near, n);
    }

    /** How far a place is from a copy, where that is not far. */
    private double distance(int j, double px, double py) {
        double dx = px - crowd.x(j);
        double dy = py - crowd.y(j);
        double least = Math.sqrt(dx * dx + dy * dy) - crowd.farthest(j);
        return least >= gap + SLACK
                ? least
                : -crowd.size(j) * crowd.motif(j).around().at(ownX(j, dx, dy), ownY(j, dx, dy));
    }

    private void add(int i, int contour, int r, int j) {
        if (count + EACH > found.length) {
            found = Arrays.copyOf(found, 2 * found.length);
        }
        found[count++] = i;
        found[count++] = contour;
        found[count++] = r;
        found[count++] = j;
    }

    /** @param firm how much more they are pushed for each mm that they are too close
     *  @param more how much farther apart than the gap they are to be, in mm */
    void pushApart(double firm, double more) {
        tightest = 0;
        for (int c = 0; c < count; c += EACH) {
            int i = found[c];
            double[] points = crowd.motif(i).contours().get(found[c + 1]);
            double ox = fromX(i, points, found[c + 2]);
            double oy = fromY(i, points, found[c + 2]);
            if (found[c + 3] == THE_EDGE) {
                pushIn(i, ox, oy, firm, SAMPLED + more);
            } else {
                pushApart(i, ox, oy, found[c + 3], firm / 2, gap + 2 * SAMPLED + more);
            }
        }
    }

    private void pushIn(int i, double ox, double oy, double firm, double apart) {
        edge.slopeAt(crowd.x(i) + ox, crowd.y(i) + oy, slope);
        double lacking = apart - slope[0];
        if (lacking > 0) {
            tightest = Math.max(tightest, lacking);
            double by = weight(i, firm) * lacking;
            crowd.push(i, ox, oy, by * slope[1], by * slope[2]);
        }
    }

    private void pushApart(int i, double ox, double oy, int j, double firm, double apart) {
        double dx = crowd.x(i) + ox - crowd.x(j);
        double dy = crowd.y(i) + oy - crowd.y(j);
        crowd.motif(j).around().slopeAt(ownX(j, dx, dy), ownY(j, dx, dy), slope);
        double lacking = apart + crowd.size(j) * slope[0];
        if (lacking > 0) {
            tightest = Math.max(tightest, lacking);
            double by = weight(i, firm) * lacking;
            double gx = crowd.flip(j) * slope[1];
            double nx = -(crowd.cos(j) * gx - crowd.sin(j) * slope[2]);
            double ny = -(crowd.sin(j) * gx + crowd.cos(j) * slope[2]);
            crowd.push(i, ox, oy, by * nx, by * ny);
            // The nearest point of the other's rim, not the point itself, is what carries the other.
            double to = crowd.size(j) * slope[0];
            crowd.push(j, dx + to * nx, dy + to * ny, -by * nx, -by * ny);
        }
    }

    /** A point stands for the rim around it. */
    private double weight(int i, double firm) {
        return 2 * firm * crowd.motif(i).spacing() * crowd.size(i);
    }

    private double fromX(int i, double[] points, int r) {
        return crowd.size(i) * (crowd.cos(i) * crowd.flip(i) * points[r] - crowd.sin(i) * points[r + 1]);
    }

    private double fromY(int i, double[] points, int r) {
        return crowd.size(i) * (crowd.sin(i) * crowd.flip(i) * points[r] + crowd.cos(i) * points[r + 1]);
    }

    private double ownX(int j, double dx, double dy) {
        return crowd.flip(j) * (crowd.cos(j) * dx + crowd.sin(j) * dy) / crowd.size(j);
    }

    private double ownY(int j, double dx, double dy) {
        return (crowd.cos(j) * dy - crowd.sin(j) * dx) / crowd.size(j);
    }
}

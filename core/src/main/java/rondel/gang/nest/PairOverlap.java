package rondel.gang.nest;

/** How much two shapes overlap: whether they do is told exactly, by their edges; how much, by how deep the circles in them lie in each other
 *  (Gardeyn and Wauters 2024, section 4.2). Not for several threads at once. */
final class PairOverlap {

    private int[] nearA = new int[64];
    private int[] nearB = new int[64];

    /** 0 where shape {@code b}, moved by (dx, dy) against {@code a}, does not overlap it; else the more the deeper.
     *
     * @param limit from where on it is enough to know that it is more */
    double of(NestShape a, NestShape b, double dx, double dy, double limit) {
        if (a.maxX <= b.minX + dx || b.maxX + dx <= a.minX || a.maxY <= b.minY + dy || b.maxY + dy <= a.minY) {
            return 0;
        }
        return circlesMeet(a, b, dx, dy) || edgesCross(a, b, dx, dy) || oneHoldsOther(a, b, dx, dy)
                ? depth(a, b, dx, dy, limit)
                : 0;
    }

    private static boolean circlesMeet(NestShape a, NestShape b, double dx, double dy) {
        for (int i = 0; i < a.cx.length; i++) {
            double x = a.cx[i] - dx;
            double y = a.cy[i] - dy;
            double r = a.cr[i];
            for (int j = 0; j < b.cx.length; j++) {
                double ex = b.cx[j] - x;
                double ey = b.cy[j] - y;
                double both = r + b.cr[j];
                if (ex * ex + ey * ey < both * both - 1e-9) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean edgesCross(NestShape a, NestShape b, double dx, double dy) {
        double left = Math.max(a.minX, b.minX + dx);
        double right = Math.min(a.maxX, b.maxX + dx);
        double top = Math.max(a.minY, b.minY + dy);
        double bottom = Math.min(a.maxY, b.maxY + dy);
        if (nearA.length < a.ax.length) {
            nearA = new int[a.ax.length];
        }
        if (nearB.length < b.ax.length) {
            nearB = new int[b.ax.length];
        }
        int countA = near(a, 0, 0, left, right, top, bottom, nearA);
        int countB = countA == 0 ? 0 : near(b, dx, dy, left, right, top, bottom, nearB);
        for (int i = 0; i < countA; i++) {
            int e = nearA[i];
            double ax = a.ax[e] - dx;
            double ay = a.ay[e] - dy;
            double bx = a.bx[e] - dx;
            double by = a.by[e] - dy;
            double minX = Math.min(ax, bx);
            double maxX = Math.max(ax, bx);
            double minY = Math.min(ay, by);
            double maxY = Math.max(ay, by);
            for (int j = 0; j < countB; j++) {
                int f = nearB[j];
                double px = b.ax[f];
                double qx = b.bx[f];
                if (px < minX && qx < minX || px > maxX && qx > maxX) {
                    continue;
                }
                double py = b.ay[f];
                double qy = b.by[f];
                if (py < minY && qy < minY || py > maxY && qy > maxY) {
                    continue;
                }
                double d1 = (bx - ax) * (py - ay) - (by - ay) * (px - ax);
                double d2 = (bx - ax) * (qy - ay) - (by - ay) * (qx - ax);
                if (d1 > 0 == d2 > 0) {
                    continue;
                }
                double d3 = (qx - px) * (ay - py) - (qy - py) * (ax - px);
                double d4 = (qx - px) * (by - py) - (qy - py) * (bx - px);
                if (d3 > 0 != d4 > 0) {
                    return true;
                }
            }
        }
        return false;
    }

    private static int near(
            NestShape s, double dx, double dy, double left, double right, double top, double bottom, int[] found) {
        int count = 0;
        for (int i = 0; i < s.ax.length; i++) {
            double x1 = s.ax[i] + dx;
            double x2 = s.bx[i] + dx;
            if (x1 < left && x2 < left || x1 > right && x2 > right) {
                continue;
            }
            double y1 = s.ay[i] + dy;
            double y2 = s.by[i] + dy;
            if (y1 < top && y2 < top || y1 > bottom && y2 > bottom) {
                continue;
            }
            found[count++] = i;
        }
        return count;
    }

    private static boolean oneHoldsOther(NestShape a, NestShape b, double dx, double dy) {
        return a.contains(b.ax[0] + dx, b.ay[0] + dy) || b.contains(a.ax[0] - dx, a.ay[0] - dy);
    }

    private static double depth(NestShape a, NestShape b, double dx, double dy, double limit) {
        double near = NestTuning.NEAR * Math.max(a.diameter, b.diameter);
        double size = Math.sqrt(a.hull * b.hull);
        double enough = limit / size * (limit / size);
        double twice = 2 * near;
        double square = near * near;
        double sum = square;
        for (int i = 0; i < a.cx.length; i++) {
            double x = a.cx[i] - dx;
            double y = a.cy[i] - dy;
            double r = a.cr[i];
            for (int j = 0; j < b.cx.length; j++) {
                double ex = b.cx[j] - x;
                double ey = b.cy[j] - y;
                double deep = r + b.cr[j] - Math.sqrt(ex * ex + ey * ey);
                double counted = deep >= near ? deep : square / (twice - deep);
                sum += counted * Math.min(r, b.cr[j]);
            }
            if (sum > enough) {
                break;
            }
        }
        return Math.sqrt(sum) * size;
    }
}

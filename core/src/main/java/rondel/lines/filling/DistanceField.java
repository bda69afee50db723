package rondel.lines.filling;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import rondel.progress.Cancellation;

/** Signed distances to the edge of an area, sampled on a grid: above 0 inside. Between samples they are interpolated.
 *
 * @param x of the first sample
 * @param step from sample to sample */
record DistanceField(double x, double y, double step, int columns, int rows, float[] values) {

    /** The distances to the edge of an area, computed segment by segment. */
    static DistanceField of(Geometry area, double x, double y, double step, int columns, int rows) {
        double[] segments = segments(area);
        DistanceField field = new DistanceField(x, y, step, columns, rows, new float[columns * rows]);
        for (int j = 0; j < rows; j += FillingTuning.BLOCK) {
            Cancellation.check();
            for (int i = 0; i < columns; i += FillingTuning.BLOCK) {
                field.measure(segments, i, j);
            }
        }
        for (int j = 0; j < rows; j++) {
            field.sign(crossings(segments, y + j * step), j);
        }
        return field;
    }

    /** What is nearest to a sample is no farther from the block's middle than what is nearest to that, and the way there and
     *  back. */
    private void measure(double[] segments, int left, int top) {
        int right = Math.min(left + FillingTuning.BLOCK, columns);
        int bottom = Math.min(top + FillingTuning.BLOCK, rows);
        double mx = x + (left + right - 1) / 2.0 * step;
        double my = y + (top + bottom - 1) / 2.0 * step;
        double there = Math.hypot(right - left, bottom - top) / 2 * step;
        double[] near = within(segments, mx, my, Math.sqrt(nearest(segments, mx, my)) + 2 * there);
        for (int j = top; j < bottom; j++) {
            for (int i = left; i < right; i++) {
                values[j * columns + i] = (float) Math.sqrt(nearest(near, x + i * step, y + j * step));
            }
        }
    }

    private static double[] within(double[] s, double px, double py, double distance) {
        double[] near = new double[s.length];
        int n = 0;
        for (int k = 0; k < s.length; k += 4) {
            if (distance(s, k, px, py) <= distance * distance) {
                System.arraycopy(s, k, near, n, 4);
                n += 4;
            }
        }
        return Arrays.copyOf(near, n);
    }

    /** Below 0 where a row is outside.
     *
     * @param crossings where the row crosses the edge */
    private void sign(double[] crossings, int row) {
        int passed = 0;
        for (int i = 0; i < columns; i++) {
            while (passed < crossings.length && crossings[passed] <= x + i * step) {
                passed++;
            }
            int k = row * columns + i;
            values[k] = passed % 2 == 1 ? values[k] : -values[k];
        }
    }

    private static double[] segments(Geometry area) {
        double[] all = new double[4 * area.getNumPoints()];
        int n = 0;
        for (Object line : LinearComponentExtracter.getLines(area)) {
            Coordinate[] points = ((LineString) line).getCoordinates();
            for (int i = 1; i < points.length; i++) {
                all[n++] = points[i - 1].x;
                all[n++] = points[i - 1].y;
                all[n++] = points[i].x;
                all[n++] = points[i].y;
            }
        }
        return Arrays.copyOf(all, n);
    }

    /** Where a horizontal line crosses the edge, in order. */
    private static double[] crossings(double[] s, double y) {
        double[] at = new double[s.length / 4];
        int n = 0;
        for (int k = 0; k < s.length; k += 4) {
            if (s[k + 1] <= y != s[k + 3] <= y) {
                at[n++] = s[k] + (y - s[k + 1]) / (s[k + 3] - s[k + 1]) * (s[k + 2] - s[k]);
            }
        }
        double[] sorted = Arrays.copyOf(at, n);
        Arrays.sort(sorted);
        return sorted;
    }

    private static double nearest(double[] s, double px, double py) {
        double best = Double.MAX_VALUE;
        for (int k = 0; k < s.length; k += 4) {
            best = Math.min(best, distance(s, k, px, py));
        }
        return best;
    }

    /** How far a point is from a segment, squared. */
    private static double distance(double[] s, int k, double px, double py) {
        double ax = s[k];
        double ay = s[k + 1];
        double dx = s[k + 2] - ax;
        double dy = s[k + 3] - ay;
        double length = dx * dx + dy * dy;
        double t = length == 0 ? 0 : Math.clamp(((px - ax) * dx + (py - ay) * dy) / length, 0, 1);
        double ex = ax + t * dx - px;
        double ey = ay + t * dy - py;
        return ex * ex + ey * ey;
    }

    /** The distance at a point; beyond the samples, that of the nearest sample less how far that is. */
    double at(double px, double py) {
        double scale = 1 / step;
        double u = (px - x) * scale;
        double v = (py - y) * scale;
        if (u >= 0 && v >= 0 && u < columns - 1 && v < rows - 1) {
            return between(u, v);
        }
        double cu = Math.clamp(u, 0, columns - 1.001);
        double cv = Math.clamp(v, 0, rows - 1.001);
        double du = u - cu;
        double dv = v - cv;
        return between(cu, cv) - step * Math.sqrt(du * du + dv * dv);
    }

    /** The distance at a point, and by how much it grows with x and with y.
     *
     * @param into where these three go */
    void slopeAt(double px, double py, double[] into) {
        double u = Math.clamp((px - x) / step, 0, columns - 1.001);
        double v = Math.clamp((py - y) / step, 0, rows - 1.001);
        int i = (int) u;
        int j = (int) v;
        double fu = u - i;
        double fv = v - j;
        int k = j * columns + i;
        double upper = values[k + 1] - values[k];
        double lower = values[k + columns + 1] - values[k + columns];
        double left = values[k + columns] - values[k];
        into[0] = values[k] + fu * upper + fv * (left + fu * (lower - upper));
        into[1] = (upper + fv * (lower - upper)) / step;
        into[2] = (left + fu * (lower - upper)) / step;
    }

    /** The distances at places in a row; for those beyond the samples, how far they are from a circle about the origin.
     *
     * @param dx from each place to the next */
    void along(double px, double py, double dx, double dy, double circle, float[] into, int from, int count) {
        double scale = 1 / step;
        double u = (px - x) * scale;
        double v = (py - y) * scale;
        double du = dx * scale;
        double dv = dy * scale;
        double mostU = columns - 1;
        double mostV = rows - 1;
        for (int i = 0; i < count; i++) {
            if (u >= 0 && v >= 0 && u < mostU && v < mostV) {
                into[from + i] = (float) between(u, v);
            } else {
                double qx = x + u * step;
                double qy = y + v * step;
                into[from + i] = (float) (circle - Math.sqrt(qx * qx + qy * qy));
            }
            u += du;
            v += dv;
        }
    }

    private double between(double u, double v) {
        int i = (int) u;
        int j = (int) v;
        double fu = u - i;
        double fv = v - j;
        int k = j * columns + i;
        double upper = values[k] + fu * (values[k + 1] - values[k]);
        double lower = values[k + columns] + fu * (values[k + columns + 1] - values[k + columns]);
        return upper + fv * (lower - upper);
    }

    /** Every second sample of every second row. */
    DistanceField halved() {
        int wide = (columns + 1) / 2;
        int high = (rows + 1) / 2;
        float[] some = new float[wide * high];
        for (int j = 0; j < high; j++) {
            for (int i = 0; i < wide; i++) {
                some[j * wide + i] = values[2 * j * columns + 2 * i];
            }
        }
        return new DistanceField(x, y, 2 * step, wide, high, some);
    }

    DistanceField copy() {
        return new DistanceField(x, y, step, columns, rows, values.clone());
    }
}

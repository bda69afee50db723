package rondel.gang.nest;

import java.util.List;

/** Where all pieces are at one moment of the search: on which sheet, where, in which turn; how much each pair overlaps, and how much that
 *  weighs. Changed in place. */
final class Arrangement {

    final List<NestPiece> pieces;
    final double[] width;
    final double[] length;
    final int[] sheet;
    final double[] x;
    final double[] y;
    final NestShape[] shape;
    final float[][] weight;
    final double[][] loss;
    private final PairOverlap overlap = new PairOverlap();

    /** @param width of each sheet
     *  @param length of each sheet, which may be changed */
    Arrangement(List<NestPiece> pieces, double[] width, double[] length) {
        this.pieces = pieces;
        this.width = width.clone();
        this.length = length.clone();
        int n = pieces.size();
        sheet = new int[n];
        x = new double[n];
        y = new double[n];
        shape = new NestShape[n];
        weight = new float[n][n];
        loss = new double[n][n];
        for (float[] row : weight) {
            java.util.Arrays.fill(row, 1);
        }
    }

    /** Positions alone, to come back to. */
    record Snapshot(int[] sheet, double[] x, double[] y, NestShape[] shape) {}

    Snapshot snapshot() {
        return new Snapshot(sheet.clone(), x.clone(), y.clone(), shape.clone());
    }

    /** Puts all pieces where they were, as far as the sheets still reach, and measures anew. */
    void restore(Snapshot s) {
        System.arraycopy(s.sheet, 0, sheet, 0, sheet.length);
        System.arraycopy(s.x, 0, x, 0, x.length);
        System.arraycopy(s.y, 0, y, 0, y.length);
        System.arraycopy(s.shape, 0, shape, 0, shape.length);
        for (int i = 0; i < x.length; i++) {
            x[i] = clampX(shape[i], sheet[i], x[i]);
            y[i] = clampY(shape[i], sheet[i], y[i]);
        }
        measure();
    }

    double clampX(NestShape s, int on, double wanted) {
        return Math.max(-s.minX, Math.min(width[on] - s.maxX, wanted));
    }

    double clampY(NestShape s, int on, double wanted) {
        return Math.max(-s.minY, Math.min(length[on] - s.maxY, wanted));
    }

    boolean fits(NestShape s, int on) {
        return s.width() <= width[on] + 1e-9 && s.height() <= length[on] + 1e-9;
    }

    void forgetWeights() {
        for (float[] row : weight) {
            java.util.Arrays.fill(row, 1);
        }
    }

    void measure() {
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                double d = sheet[i] == sheet[j]
                        ? overlap.of(shape[i], shape[j], x[j] - x[i], y[j] - y[i], Double.MAX_VALUE)
                        : 0;
                loss[i][j] = d;
                loss[j][i] = d;
            }
        }
    }

    /** Puts one piece somewhere, and measures what that changes. */
    void put(int i, int on, double px, double py, NestShape s) {
        sheet[i] = on;
        x[i] = px;
        y[i] = py;
        shape[i] = s;
        for (int j = 0; j < x.length; j++) {
            if (j != i) {
                double d = sheet[j] == on ? overlap.of(s, shape[j], x[j] - px, y[j] - py, Double.MAX_VALUE) : 0;
                loss[i][j] = d;
                loss[j][i] = d;
            }
        }
    }

    /** What a piece would overlap if it were elsewhere, weighed; more than {@code limit} as soon as that is clear. */
    double weighed(int i, int on, double px, double py, NestShape s, double limit) {
        double sum = 0;
        double left = s.minX + px;
        double right = s.maxX + px;
        double top = s.minY + py;
        double bottom = s.maxY + py;
        float[] w = weight[i];
        for (int j = 0; j < x.length; j++) {
            NestShape o = shape[j];
            if (j == i
                    || sheet[j] != on
                    || o.minX + x[j] >= right
                    || o.maxX + x[j] <= left
                    || o.minY + y[j] >= bottom
                    || o.maxY + y[j] <= top) {
                continue;
            }
            sum += w[j] * overlap.of(s, o, x[j] - px, y[j] - py, (limit - sum) / w[j]);
            if (sum > limit) {
                return sum;
            }
        }
        return sum;
    }

    /** What a piece overlaps where it is, weighed. */
    double weighed(int i) {
        double sum = 0;
        for (int j = 0; j < x.length; j++) {
            sum += weight[i][j] * loss[i][j];
        }
        return sum;
    }

    double loss(int i) {
        double sum = 0;
        for (int j = 0; j < x.length; j++) {
            sum += loss[i][j];
        }
        return sum;
    }

    double total() {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                sum += loss[i][j];
            }
        }
        return sum;
    }

    /** Guided local search (Voudouris and Tsang 1999): overlaps that stay weigh more and more. */
    void reweigh() {
        double most = 0;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                most = Math.max(most, loss[i][j]);
            }
        }
        if (most == 0) {
            return;
        }
        double range = NestTuning.MOST_RISE - NestTuning.LEAST_RISE;
        for (int i = 0; i < x.length; i++) {
            for (int j = i + 1; j < x.length; j++) {
                double factor = loss[i][j] > 0 ? NestTuning.LEAST_RISE + range * loss[i][j] / most : NestTuning.SINK;
                float w = (float) Math.max(1, weight[i][j] * factor);
                weight[i][j] = w;
                weight[j][i] = w;
            }
        }
    }

    /** How far down the lowest piece of a sheet reaches. */
    double used(int on) {
        double lowest = 0;
        for (int i = 0; i < x.length; i++) {
            if (sheet[i] == on) {
                lowest = Math.max(lowest, y[i] + shape[i].maxY);
            }
        }
        return lowest;
    }
}

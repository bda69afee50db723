package rondel.paint;

import rondel.progress.Cancellation;

/** A Gaussian blur by three box passes each way, after Kovesi, Fast Almost-Gaussian Filtering (DICTA 2010). */
final class BoxBlur {

    private static final int PASSES = 3;

    private BoxBlur() {}

    /** Blurs values row by row and column by column; beyond the edge they count as 0.
     *
     * @param deviation of the Gaussian, in samples; below 0.3 nothing changes */
    static void blur(float[] values, int width, int height, double deviation) {
        if (deviation < 0.3) {
            return;
        }
        for (int radius : radii(deviation)) {
            Cancellation.check();
            rows(values, width, height, radius);
            Cancellation.check();
            columns(values, width, height, radius);
        }
    }

    /** Three box radii whose variances add up to that of the Gaussian as nearly as whole numbers can. */
    static int[] radii(double deviation) {
        double ideal = Math.sqrt(12 * deviation * deviation / PASSES + 1);
        int small = (int) Math.floor(ideal);
        small -= 1 - small % 2;
        double wanted = (12 * deviation * deviation - PASSES * small * small - 4.0 * PASSES * small - 3 * PASSES)
                / (-4.0 * small - 4);
        int smalls = (int) Math.round(wanted);
        int[] radii = new int[PASSES];
        for (int i = 0; i < PASSES; i++) {
            radii[i] = (i < smalls ? small : small + 2) / 2;
        }
        return radii;
    }

    private static void rows(float[] values, int width, int height, int radius) {
        float[] line = new float[width];
        double size = 2 * radius + 1;
        for (int y = 0; y < height; y++) {
            int start = y * width;
            System.arraycopy(values, start, line, 0, width);
            double sum = 0;
            for (int x = 0; x < Math.min(radius, width); x++) {
                sum += line[x];
            }
            for (int x = 0; x < width; x++) {
                int in = x + radius;
                int gone = x - radius - 1;
                sum += in < width ? line[in] : 0;
                sum -= gone >= 0 ? line[gone] : 0;
                values[start + x] = (float) (sum / size);
            }
        }
    }

    /** All columns side by side, as they lie in memory. */
    private static void columns(float[] values, int width, int height, int radius) {
        double[] sums = new double[width];
        for (int y = 0; y < Math.min(radius, height); y++) {
            add(values, y * width, sums);
        }
        // The rows as they were that are overwritten by now and still have to be taken off.
        float[][] were = new float[Math.min(radius + 1, height)][width];
        double size = 2 * radius + 1;
        for (int y = 0; y < height; y++) {
            if (y + radius < height) {
                add(values, (y + radius) * width, sums);
            }
            float[] was = were[y % were.length];
            if (y > radius) {
                for (int x = 0; x < width; x++) {
                    sums[x] -= was[x];
                }
            }
            System.arraycopy(values, y * width, was, 0, width);
            for (int x = 0; x < width; x++) {
                values[y * width + x] = (float) (sums[x] / size);
            }
        }
    }

    private static void add(float[] values, int start, double[] sums) {
        for (int x = 0; x < sums.length; x++) {
            sums[x] += values[start + x];
        }
    }
}

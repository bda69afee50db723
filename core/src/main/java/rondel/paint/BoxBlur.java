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
        float[] line = new float[Math.max(width, height)];
        float[] out = new float[line.length];
        for (int radius : radii(deviation)) {
            Cancellation.check();
            for (int y = 0; y < height; y++) {
                pass(values, y * width, 1, width, radius, line, out);
            }
            for (int x = 0; x < width; x++) {
                pass(values, x, width, height, radius, line, out);
            }
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

    private static void pass(float[] values, int start, int step, int length, int radius, float[] line, float[] out) {
        for (int i = 0; i < length; i++) {
            line[i] = values[start + i * step];
        }
        double sum = 0;
        for (int i = 0; i < Math.min(radius, length); i++) {
            sum += line[i];
        }
        double size = 2 * radius + 1;
        for (int i = 0; i < length; i++) {
            int in = i + radius;
            int gone = i - radius - 1;
            sum += in < length ? line[in] : 0;
            sum -= gone >= 0 ? line[gone] : 0;
            out[i] = (float) (sum / size);
        }
        for (int i = 0; i < length; i++) {
            values[start + i * step] = out[i];
        }
    }
}

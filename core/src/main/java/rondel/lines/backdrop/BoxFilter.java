package rondel.lines.backdrop;

/** Averages over squares of pixels; three in a row come close to a Gaussian (Kovesi 2010). */
final class BoxFilter {

    private BoxFilter() {}

    /** @param radius in pixels, about twice the standard deviation */
    static float[] of(float[] plane, int width, int height, double radius) {
        int r = Math.max(1, (int) Math.round(radius / 2));
        return box(box(box(plane, width, height, r), width, height, r), width, height, r);
    }

    /** The mean over the squares of 2r + 1 pixels about each; beyond the border the last pixel goes on. */
    static float[] box(float[] plane, int width, int height, int r) {
        float[] across = new float[plane.length];
        for (int y = 0; y < height; y++) {
            line(plane, across, y * width, width, r);
        }
        return down(across, width, height, r);
    }

    private static void line(float[] in, float[] out, int from, int n, int r) {
        double sum = 0;
        for (int k = -r; k <= r; k++) {
            sum += in[from + Math.clamp(k, 0, n - 1)];
        }
        for (int k = 0; k < n; k++) {
            out[from + k] = (float) (sum / (2 * r + 1));
            sum += in[from + Math.min(k + r + 1, n - 1)] - in[from + Math.max(k - r, 0)];
        }
    }

    /** Row by row, all columns at once: pixels that lie beside each other are read together. */
    private static float[] down(float[] plane, int width, int height, int r) {
        double[] sums = new double[width];
        for (int k = -r; k <= r; k++) {
            int row = Math.clamp(k, 0, height - 1) * width;
            for (int x = 0; x < width; x++) {
                sums[x] += plane[row + x];
            }
        }
        float[] out = new float[plane.length];
        for (int y = 0; y < height; y++) {
            int in = Math.min(y + r + 1, height - 1) * width;
            int gone = Math.max(y - r, 0) * width;
            for (int x = 0; x < width; x++) {
                out[y * width + x] = (float) (sums[x] / (2 * r + 1));
                sums[x] += plane[in + x] - plane[gone + x];
            }
        }
        return out;
    }
}

package rondel.backdrop;

/** Averages over squares of pixels; three in a row come close to a Gaussian (Kovesi 2010). */
final class Smooth {

    private Smooth() {}

    /** @param radius in pixels, about twice the standard deviation */
    static float[] of(float[] plane, int width, int height, double radius) {
        int r = Math.max(1, (int) Math.round(radius / 2));
        return box(box(box(plane, width, height, r), width, height, r), width, height, r);
    }

    /** The mean over the squares of 2r + 1 pixels about each; beyond the border the last pixel goes on. */
    static float[] box(float[] plane, int width, int height, int r) {
        float[] across = new float[plane.length];
        for (int y = 0; y < height; y++) {
            line(plane, across, y * width, 1, width, r);
        }
        float[] both = new float[plane.length];
        for (int x = 0; x < width; x++) {
            line(across, both, x, width, height, r);
        }
        return both;
    }

    private static void line(float[] in, float[] out, int from, int step, int n, int r) {
        double sum = 0;
        for (int k = -r; k <= r; k++) {
            sum += in[from + Math.clamp(k, 0, n - 1) * step];
        }
        for (int k = 0; k < n; k++) {
            out[from + k * step] = (float) (sum / (2 * r + 1));
            sum += in[from + Math.min(k + r + 1, n - 1) * step] - in[from + Math.max(k - r, 0) * step];
        }
    }
}

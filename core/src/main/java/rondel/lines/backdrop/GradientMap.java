package rondel.lines.backdrop;

/** Where a picture changes faster than a backdrop would: along edges, sharp ones and those out of focus. Told on cells of a few
 *  pixels, so that noise does not count. */
final class GradientMap {

    private final int cell;
    private final int across;
    private final boolean[] steep;

    /** @param limit how far colours may be apart across a cell's neighbours, in OKLab, squared */
    GradientMap(LabImage picture, float limit) {
        this.cell = Math.max(
                BackdropTuning.LEAST_CELL, Math.max(picture.width, picture.height) / BackdropTuning.GRADIENT_FINENESS);
        this.across = (picture.width + cell - 1) / cell;
        int down = (picture.height + cell - 1) / cell;
        float[] light = means(picture.light, picture.width, picture.height, down);
        float[] greenRed = means(picture.greenRed, picture.width, picture.height, down);
        float[] blueYellow = means(picture.blueYellow, picture.width, picture.height, down);
        this.steep = new boolean[across * down];
        for (int y = 0; y < down; y++) {
            int above = Math.max(0, y - BackdropTuning.GRADIENT_REACH) * across;
            int below = Math.min(down - 1, y + BackdropTuning.GRADIENT_REACH) * across;
            for (int x = 0; x < across; x++) {
                int left = y * across + Math.max(0, x - BackdropTuning.GRADIENT_REACH);
                int right = y * across + Math.min(across - 1, x + BackdropTuning.GRADIENT_REACH);
                float slope = slope(light, left, right, above + x, below + x)
                        + slope(greenRed, left, right, above + x, below + x)
                        + slope(blueYellow, left, right, above + x, below + x);
                steep[y * across + x] = slope > limit;
            }
        }
    }

    private float[] means(float[] plane, int width, int height, int down) {
        float[] means = new float[across * down];
        for (int v = 0; v < down; v++) {
            int bottom = Math.min(height, (v + 1) * cell);
            for (int u = 0; u < across; u++) {
                int right = Math.min(width, (u + 1) * cell);
                float sum = 0;
                for (int y = v * cell; y < bottom; y++) {
                    for (int x = u * cell; x < right; x++) {
                        sum += plane[y * width + x];
                    }
                }
                means[v * across + u] = sum / ((bottom - v * cell) * (right - u * cell));
            }
        }
        return means;
    }

    private static float slope(float[] plane, int left, int right, int above, int below) {
        float x = plane[right] - plane[left];
        float y = plane[below] - plane[above];
        return x * x + y * y;
    }

    boolean at(int x, int y) {
        return steep[y / cell * across + x / cell];
    }
}

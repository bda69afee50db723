package rondel.backdrop;

import java.util.Arrays;

/** How wide the edge between backdrop and motif is in a picture, in pixels: 1 or 2 where it is sharp, more where it is out of
 *  focus. It is the usual way, straight into the motif, on which colours have gone most of the way from the backdrop's. */
final class EdgeWidth {

    private static final int FARTHEST = 16;
    private static final int BEHIND = 3;
    private static final float MOST = 0.9f;
    private static final int LEAST_SAMPLES = 40;

    private final float[][] rgb;
    private final boolean[] backdrop;
    private final int width;
    private final int[] counts = new int[FARTHEST + 1];

    private EdgeWidth(float[][] rgb, boolean[] backdrop, int width) {
        this.rgb = rgb;
        this.backdrop = backdrop;
        this.width = width;
    }

    /** @return 1 where there is no edge or hardly any */
    static int of(float[][] rgb, boolean[] backdrop, int width) {
        EdgeWidth edge = new EdgeWidth(rgb, backdrop, width);
        int height = backdrop.length / width;
        for (int y = FARTHEST; y < height - FARTHEST; y++) {
            for (int x = FARTHEST; x < width - FARTHEST; x++) {
                if (backdrop[y * width + x]) {
                    edge.sample(y * width + x, 1);
                    edge.sample(y * width + x, -1);
                    edge.sample(y * width + x, width);
                    edge.sample(y * width + x, -width);
                }
            }
        }
        return edge.median();
    }

    /** @param step from pixel to pixel, into what may be the motif */
    private void sample(int at, int step) {
        for (int k = -BEHIND; k <= FARTHEST; k++) {
            if (backdrop[at + k * step] != k <= 0) {
                return;
            }
        }
        for (int k = 1; k <= FARTHEST; k++) {
            if (part(at, step, k) >= MOST) {
                counts[k]++;
                return;
            }
        }
    }

    private float part(int at, int step, int k) {
        float dot = 0;
        float length = 0;
        for (float[] plane : rgb) {
            float from = plane[at - BEHIND * step];
            float d = plane[at + FARTHEST * step] - from;
            dot += d * (plane[at + k * step] - from);
            length += d * d;
        }
        return length == 0 ? 1 : dot / length;
    }

    private int median() {
        int all = Arrays.stream(counts).sum();
        int sum = 0;
        for (int k = 1; k <= FARTHEST && all >= LEAST_SAMPLES; k++) {
            sum += counts[k];
            if (2 * sum >= all) {
                return k;
            }
        }
        return 1;
    }
}

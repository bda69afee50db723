package rondel.lines.backdrop;

import java.util.Arrays;

/** How wide the edge between backdrop and motif is in a picture, in pixels: 1 or 2 where it is sharp, more where it is out of
 *  focus. It is the usual way, straight into the motif, on which colours go away from the backdrop's before they come to rest or
 *  turn back, as they do behind a line drawn around the motif. */
final class EdgeWidth {

    private final float[][] rgb;
    private final boolean[] backdrop;
    private final int width;
    private final int[] counts = new int[BackdropTuning.WIDEST_EDGE + 1];

    private EdgeWidth(float[][] rgb, boolean[] backdrop, int width) {
        this.rgb = rgb;
        this.backdrop = backdrop;
        this.width = width;
    }

    /** @return 1 where there is no edge or hardly any */
    static int of(float[][] rgb, boolean[] backdrop, int width) {
        EdgeWidth edge = new EdgeWidth(rgb, backdrop, width);
        int height = backdrop.length / width;
        for (int y = BackdropTuning.WIDEST_EDGE; y < height - BackdropTuning.WIDEST_EDGE; y++) {
            for (int x = BackdropTuning.WIDEST_EDGE; x < width - BackdropTuning.WIDEST_EDGE; x++) {
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
        if (backdrop[at + step]) {
            return;
        }
        for (int k = -BackdropTuning.BEHIND; k <= BackdropTuning.WIDEST_EDGE; k++) {
            if (backdrop[at + k * step] != k <= 0) {
                return;
            }
        }
        float[] away = new float[BackdropTuning.WIDEST_EDGE + 1];
        int end = 0;
        for (int k = 1; k <= BackdropTuning.WIDEST_EDGE; k++) {
            away[k] = distance(at - BackdropTuning.BEHIND * step, at + k * step);
            if (away[k] < away[end] + Math.max(BackdropTuning.LEAST_RISE, BackdropTuning.REST * away[end])) {
                break;
            }
            end = k;
        }
        int k = 1;
        while (k < end && away[k] < BackdropTuning.COME_TO_REST * away[end]) {
            k++;
        }
        counts[k]++;
    }

    private float distance(int i, int j) {
        float sum = 0;
        for (float[] plane : rgb) {
            sum += (plane[j] - plane[i]) * (plane[j] - plane[i]);
        }
        return (float) Math.sqrt(sum);
    }

    private int median() {
        int all = Arrays.stream(counts).sum();
        int sum = 0;
        for (int k = 1; k <= BackdropTuning.WIDEST_EDGE && all >= BackdropTuning.LEAST_SAMPLES; k++) {
            sum += counts[k];
            if (2 * sum >= all) {
                return k;
            }
        }
        return 1;
    }
}

package rondel.lines.backdrop;

import java.util.Arrays;

/** How wide the edge between backdrop and motif is in a picture, in pixels: 1 or 2 where it is sharp, more where it is out of
 *  focus. It is the usual way, straight into the motif, on which colours go away from the backdrop's before they come to rest or
 *  turn back, as they do behind a line drawn around the motif. */
final class EdgeWidth {

    private static final int FARTHEST = 16;
    private static final int BEHIND = 3;
    private static final float MOST = 0.9f;

    /** Colours that go away by less from pixel to pixel have come to rest: in levels of 256, and as a share of the way. */
    private static final float LEAST_RISE = 2;

    private static final float REST = 0.02f;
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
        if (backdrop[at + step]) {
            return;
        }
        for (int k = -BEHIND; k <= FARTHEST; k++) {
            if (backdrop[at + k * step] != k <= 0) {
                return;
            }
        }
        float[] away = new float[FARTHEST + 1];
        int end = 0;
        for (int k = 1; k <= FARTHEST; k++) {
            away[k] = distance(at - BEHIND * step, at + k * step);
            if (away[k] < away[end] + Math.max(LEAST_RISE, REST * away[end])) {
                break;
            }
            end = k;
        }
        int k = 1;
        while (k < end && away[k] < MOST * away[end]) {
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
        for (int k = 1; k <= FARTHEST && all >= LEAST_SAMPLES; k++) {
            sum += counts[k];
            if (2 * sum >= all) {
                return k;
            }
        }
        return 1;
    }
}

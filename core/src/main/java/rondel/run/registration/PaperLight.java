package rondel.run.registration;

import java.util.Arrays;

/** How light the bare paper is at each place of a picture, shadows included: the lightest of each block and of those around it, between the
 *  blocks in proportion. */
final class PaperLight {

    /** How many blocks the shorter side has. */
    private static final int BLOCKS = 24;

    /** What share of a block's pixels is lighter than what counts for it, so that a glint does not. */
    private static final double GLINTS = 0.05;

    private static final int SAMPLES = 400;

    private final int side;
    private final int across;
    private final int down;
    private final float[] light;

    PaperLight(GreyPicture p) {
        side = Math.max(8, Math.min(p.width(), p.height()) / BLOCKS);
        across = Math.max(1, (p.width() + side - 1) / side);
        down = Math.max(1, (p.height() + side - 1) / side);
        float[] own = new float[across * down];
        for (int by = 0; by < down; by++) {
            for (int bx = 0; bx < across; bx++) {
                own[by * across + bx] = lightest(p, bx * side, by * side);
            }
        }
        light = new float[own.length];
        for (int by = 0; by < down; by++) {
            for (int bx = 0; bx < across; bx++) {
                light[by * across + bx] = around(own, bx, by);
            }
        }
    }

    private float lightest(GreyPicture p, int x0, int y0) {
        int w = Math.min(side, p.width() - x0);
        int h = Math.min(side, p.height() - y0);
        int step = Math.max(1, (int) Math.sqrt((double) w * h / SAMPLES));
        float[] values = new float[((w + step - 1) / step) * ((h + step - 1) / step)];
        int n = 0;
        for (int y = 0; y < h; y += step) {
            for (int x = 0; x < w; x += step) {
                values[n++] = p.at(x0 + x, y0 + y);
            }
        }
        Arrays.sort(values, 0, n);
        return values[(int) ((n - 1) * (1 - GLINTS))];
    }

    private float around(float[] own, int bx, int by) {
        float most = 0;
        for (int y = Math.max(0, by - 1); y <= Math.min(down - 1, by + 1); y++) {
            for (int x = Math.max(0, bx - 1); x <= Math.min(across - 1, bx + 1); x++) {
                most = Math.max(most, own[y * across + x]);
            }
        }
        return most;
    }

    float at(int x, int y) {
        double px = Math.clamp((x + 0.5) / side - 0.5, 0, across - 1.0);
        double py = Math.clamp((y + 0.5) / side - 0.5, 0, down - 1.0);
        int x0 = (int) px;
        int y0 = (int) py;
        int x1 = Math.min(across - 1, x0 + 1);
        int y1 = Math.min(down - 1, y0 + 1);
        double fx = px - x0;
        double fy = py - y0;
        return (float) ((1 - fy) * ((1 - fx) * light[y0 * across + x0] + fx * light[y0 * across + x1])
                + fy * ((1 - fx) * light[y1 * across + x0] + fx * light[y1 * across + x1]));
    }
}

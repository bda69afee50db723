package rondel.backdrop;

import java.awt.image.BufferedImage;
import rondel.progress.Cancellation;

/** How opaque the pixels along the edge are, and what colour the motif has there: where a pixel stands on the way from the
 *  backdrop's colour beside it to the motif's (the compositing equation of Porter and Duff 1984, solved for both), so that no rim
 *  of the backdrop is left. */
final class Matting {

    /** How far from a sharp edge, in pixels, a colour may be a mixture. */
    private static final int SHARP = 2;

    /** Edges no wider than this are as sharp as pictures are. */
    private static final int BLURRED = 6;

    /** How far beyond that colours are averaged that are none. */
    private static final int BEYOND = 3;

    /** Off what a mixture would be, in levels of 256, a colour is one still, and no longer. */
    private static final float ALIKE = 24;

    private static final float STRANGE = 64;

    private static final float CLEAR_DIFFERENCE = 18f * 18f;

    private final int width;
    private final int height;
    private final float[][] rgb = new float[3][];
    private final float[][] behind;
    private final float[][] motif;
    private final boolean[] backdrop;
    private final boolean[] mixed;
    private final int band;

    private Matting(BufferedImage image, boolean[] backdrop) {
        this.width = image.getWidth();
        this.height = image.getHeight();
        this.backdrop = backdrop;
        for (int c = 0; c < 3; c++) {
            rgb[c] = plane(image, 16 - 8 * c);
        }
        int edge = EdgeWidth.of(rgb, backdrop, width);
        this.band = edge <= BLURRED ? SHARP : edge;
        this.mixed = band();
        behind = local(true);
        motif = local(false);
    }

    /** The picture with its backdrop clear.
     *
     * @param softness how wide the edge is made softer, in pixels
     * @param painted where the brush has said what is so */
    static BufferedImage of(BufferedImage image, boolean[] backdrop, double softness, byte[] painted) {
        Matting m = new Matting(image, backdrop);
        float[] alpha = m.alpha(painted);
        if (softness > 0) {
            alpha = Smooth.of(alpha, m.width, m.height, softness);
        }
        return m.cut(image, alpha);
    }

    private static float[] plane(BufferedImage image, int shift) {
        int w = image.getWidth();
        float[] plane = new float[w * image.getHeight()];
        int[] row = new int[w];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, w, 1, row, 0, w);
            for (int x = 0; x < w; x++) {
                plane[y * w + x] = row[x] >> shift & 255;
            }
        }
        return plane;
    }

    /** The pixels within a few of the edge, either side. */
    private boolean[] band() {
        boolean[] near = new boolean[backdrop.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                boolean edge = x > 0 && backdrop[i] != backdrop[i - 1] || y > 0 && backdrop[i] != backdrop[i - width];
                if (edge) {
                    mark(near, x, y);
                }
            }
        }
        return near;
    }

    private void mark(boolean[] near, int x, int y) {
        for (int v = Math.max(0, y - band); v <= Math.min(height - 1, y + band - 1); v++) {
            for (int u = Math.max(0, x - band); u <= Math.min(width - 1, x + band - 1); u++) {
                near[v * width + u] = true;
            }
        }
    }

    /** What is surely backdrop, or surely motif, averaged over what is near; further off, what it is further off. */
    private float[][] local(boolean ofBackdrop) {
        float[] sure = new float[backdrop.length];
        for (int i = 0; i < sure.length; i++) {
            sure[i] = !mixed[i] && backdrop[i] == ofBackdrop ? 1 : 0;
        }
        float[] near = Smooth.box(sure, width, height, band + BEYOND);
        float[] certain = new float[sure.length];
        for (int i = 0; i < certain.length; i++) {
            certain[i] = near[i] > 1e-4f ? 1 : 0;
        }
        float[][] planes = new float[3][];
        for (int c = 0; c < 3; c++) {
            Cancellation.check();
            planes[c] = local(rgb[c], sure, near, certain);
        }
        return planes;
    }

    private float[] local(float[] plane, float[] sure, float[] near, float[] certain) {
        float[] weighed = new float[plane.length];
        for (int i = 0; i < plane.length; i++) {
            weighed[i] = sure[i] * plane[i];
        }
        float[] mean = Smooth.box(weighed, width, height, band + BEYOND);
        for (int i = 0; i < plane.length; i++) {
            if (certain[i] > 0) {
                mean[i] /= near[i];
            }
        }
        float[] all = new float[plane.length];
        Spread.plane(mean, certain, width, height, all);
        return all;
    }

    private float[] alpha(byte[] painted) {
        float[] alpha = new float[backdrop.length];
        for (int i = 0; i < alpha.length; i++) {
            float plain = backdrop[i] ? 0 : 1;
            alpha[i] = mixed[i] && painted[i] == 0 ? mixture(i, plain) : plain;
        }
        return alpha;
    }

    private float mixture(int i, float plain) {
        float dot = 0;
        float length = 0;
        for (int c = 0; c < 3; c++) {
            float d = motif[c][i] - behind[c][i];
            dot += d * (rgb[c][i] - behind[c][i]);
            length += d * d;
        }
        float solved = Math.clamp(length == 0 ? plain : dot / length, 0f, 1f);
        float trust = Math.min(1, length / CLEAR_DIFFERENCE) * explained(i, solved);
        return trust * solved + (1 - trust) * plain;
    }

    /** How well a pixel's colour is told by mixing the two: not where it is a third one, as that of a line around the motif. */
    private float explained(int i, float part) {
        float off = 0;
        for (int c = 0; c < 3; c++) {
            float d = behind[c][i] + part * (motif[c][i] - behind[c][i]) - rgb[c][i];
            off += d * d;
        }
        return Math.clamp((STRANGE - (float) Math.sqrt(off)) / (STRANGE - ALIKE), 0f, 1f);
    }

    private BufferedImage cut(BufferedImage image, float[] alpha) {
        BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            image.getRGB(0, y, width, 1, row, 0, width);
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                row[x] = pixel(i, alpha[i] * (image.getColorModel().hasAlpha() ? row[x] >>> 24 : 255) / 255f);
            }
            out.setRGB(0, y, width, 1, row, 0, width);
        }
        return out;
    }

    private int pixel(int i, float alpha) {
        int a = Math.round(255 * alpha);
        if (a == 0) {
            return 0;
        }
        int argb = a << 24;
        for (int c = 0; c < 3; c++) {
            float own = rgb[c][i];
            if (a < 255) {
                float freed = (own - (1 - alpha) * behind[c][i]) / alpha;
                float sure = Math.min(1, alpha * 1.5f);
                own = sure * freed + (1 - sure) * motif[c][i];
            }
            argb |= Math.clamp(Math.round(own), 0, 255) << (16 - 8 * c);
        }
        return argb;
    }
}

package rondel.lines.backdrop;

import java.awt.image.BufferedImage;
import rondel.progress.Cancellation;

/** How opaque the pixels along the edge are, and what colour the motif has there: where a pixel stands on the way from the
 *  backdrop's colour beside it to the motif's (the compositing equation of Porter and Duff 1984, solved for both), so that no rim
 *  of the backdrop is left. */
final class Matting {

    private final int width;
    private final int height;
    private final int[] pixels;
    private final float[][] rgb = new float[3][];
    private final EdgeColours beside;
    private final boolean[] backdrop;
    private final boolean[] mixed;
    private final int band;

    private Matting(BufferedImage image, boolean[] backdrop) {
        this.width = image.getWidth();
        this.height = image.getHeight();
        this.backdrop = backdrop;
        this.pixels = image.getRGB(0, 0, width, height, null, 0, width);
        for (int c = 0; c < 3; c++) {
            rgb[c] = plane(pixels, 16 - 8 * c);
        }
        int edge = EdgeWidth.of(rgb, backdrop, width);
        this.band = edge <= BackdropTuning.BLURRED ? BackdropTuning.SHARP : edge;
        this.mixed = band();
        Cancellation.check();
        this.beside = new EdgeColours(rgb, backdrop, mixed, width, band + BackdropTuning.SURELY_BEYOND);
    }

    /** The picture with its backdrop clear.
     *
     * @param softness how wide the edge is made softer, in pixels
     * @param painted where the brush has said what is so */
    static BufferedImage of(BufferedImage image, boolean[] backdrop, double softness, byte[] painted) {
        Matting m = new Matting(image, backdrop);
        float[] alpha = m.alpha(painted);
        if (softness > 0) {
            alpha = BoxFilter.of(alpha, m.width, m.height, softness);
        }
        return m.cut(alpha, image.getColorModel().hasAlpha());
    }

    private static float[] plane(int[] pixels, int shift) {
        float[] plane = new float[pixels.length];
        for (int i = 0; i < plane.length; i++) {
            plane[i] = pixels[i] >> shift & 255;
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

    private float[] alpha(byte[] painted) {
        float[] alpha = new float[backdrop.length];
        for (int i = 0; i < alpha.length; i++) {
            alpha[i] = backdrop[i] ? 0 : 1;
        }
        boolean[] wanted = mixed.clone();
        for (int i = 0; i < wanted.length; i++) {
            wanted[i] &= painted[i] == 0;
        }
        beside.visit(wanted, (i, behind, motif) -> alpha[i] = mixture(i, behind, motif, alpha[i]));
        return alpha;
    }

    private float mixture(int i, float[] behind, float[] motif, float plain) {
        float dot = 0;
        float length = 0;
        for (int c = 0; c < 3; c++) {
            float d = motif[c] - behind[c];
            dot += d * (rgb[c][i] - behind[c]);
            length += d * d;
        }
        float solved = Math.clamp(length == 0 ? plain : dot / length, 0f, 1f);
        float trust = Math.min(1, length / BackdropTuning.CLEAR_DIFFERENCE) * explained(i, behind, motif, solved);
        return trust * solved + (1 - trust) * plain;
    }

    /** How well a pixel's colour is told by mixing the two: not where it is a third one, as that of a line around the motif. */
    private float explained(int i, float[] behind, float[] motif, float part) {
        float off = 0;
        for (int c = 0; c < 3; c++) {
            float d = behind[c] + part * (motif[c] - behind[c]) - rgb[c][i];
            off += d * d;
        }
        return Math.clamp(
                (BackdropTuning.STRANGE - (float) Math.sqrt(off)) / (BackdropTuning.STRANGE - BackdropTuning.EXPLAINED),
                0f,
                1f);
    }

    private BufferedImage cut(float[] alpha, boolean transparent) {
        boolean[] seeThrough = new boolean[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            alpha[i] *= (transparent ? pixels[i] >>> 24 : 255) / 255f;
            int a = Math.round(255 * alpha[i]);
            seeThrough[i] = a > 0 && a < 255;
            pixels[i] = a == 0 ? 0 : a << 24 | pixels[i] & 0xffffff;
        }
        beside.visit(
                seeThrough,
                (i, behind, motif) -> pixels[i] = pixels[i] & 0xff000000 | freed(i, behind, motif, alpha[i]));
        BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        out.setRGB(0, 0, width, height, pixels, 0, width);
        return out;
    }

    /** The colour of a pixel without what shines through it. */
    private int freed(int i, float[] behind, float[] motif, float alpha) {
        int rgbOnly = 0;
        float sure = Math.min(1, alpha * 1.5f);
        for (int c = 0; c < 3; c++) {
            float own = (rgb[c][i] - (1 - alpha) * behind[c]) / alpha;
            own = sure * own + (1 - sure) * motif[c];
            rgbOnly |= Math.clamp(Math.round(own), 0, 255) << (16 - 8 * c);
        }
        return rgbOnly;
    }
}

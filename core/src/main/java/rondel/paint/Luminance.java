package rondel.paint;

/** How light premultiplied pixels are, as CSS Masking 1, 7.10 weighs them. */
final class Luminance {

    private Luminance() {}

    /** Turns each pixel into white with its lightness times its alpha as the new alpha. */
    static void toAlpha(int[] premultiplied) {
        for (int i = 0; i < premultiplied.length; i++) {
            int p = premultiplied[i];
            double light = 0.2125 * (p >> 16 & 255) + 0.7154 * (p >> 8 & 255) + 0.0721 * (p & 255);
            int alpha = (int) Math.round(light);
            premultiplied[i] = alpha * 0x01010101;
        }
    }
}

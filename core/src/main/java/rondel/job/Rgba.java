package rondel.job;

import java.util.Locale;

/** An sRGB colour, each part from 0 to 255, not premultiplied. */
public record Rgba(int red, int green, int blue, int alpha) {

    public static final Rgba BLACK = new Rgba(0, 0, 0, 255);
    public static final Rgba WHITE = new Rgba(255, 255, 255, 255);

    public static Rgba ofRgb(int rgb) {
        return new Rgba(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 255);
    }

    public Rgba withOpacity(double opacity) {
        return opacity >= 1 ? this : new Rgba(red, green, blue, (int) Math.round(alpha * Math.max(0, opacity)));
    }

    public int argb() {
        return alpha << 24 | red << 16 | green << 8 | blue;
    }

    public boolean opaque() {
        return alpha == 255;
    }

    /** For example {@code #1f6f6b}, with two more digits where it is not opaque. */
    public String hex() {
        String rgb = String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
        return opaque() ? rgb : rgb + String.format(Locale.ROOT, "%02x", alpha);
    }

    public Rgba withAlpha(int other) {
        return new Rgba(red, green, blue, other);
    }
}

package rondel.formats.export;

import java.util.OptionalInt;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.words.Refusal;

/** How many pixels a picture has: so many to the inch, or exactly so many across, down, or both.
 *
 * @param ppi used where neither side is given
 * @param fit what becomes of a page whose sides are to each other otherwise than both given ones */
public record RasterSize(double ppi, OptionalInt width, OptionalInt height, Fit fit) {

    /** How a page comes to sides of another ratio. */
    public enum Fit {
        /** Not at all: it is refused. */
        REFUSE,
        /** What is too much is cut off, the same on both sides. */
        CROP,
        /** What is missing is paper, the same on both sides. */
        PAD
    }

    /** By how much of a pixel the sides may be off to count as the same ratio. */
    private static final double SAME = 0.5;

    public static final RasterSize USUAL = ofPpi(300);

    public static RasterSize ofPpi(double ppi) {
        return new RasterSize(ppi, OptionalInt.empty(), OptionalInt.empty(), Fit.REFUSE);
    }

    /** A page in a frame that has exactly this size in pixels. */
    public record Framed(Page page, PixelSize size) {}

    /** @throws Refusal if it has too many pixels, or both sides are given and don't fit */
    public Framed of(Page page) {
        if (!(ppi > 0)) {
            throw Refusal.of("export.badPpi");
        }
        if (width.isEmpty() && height.isEmpty()) {
            return new Framed(page, PixelSize.atPpi(page, ppi));
        }
        if (height.isEmpty()) {
            return new Framed(page, PixelSize.ofWidth(page, width.getAsInt()));
        }
        if (width.isEmpty()) {
            double across = page.width() / page.height() * height.getAsInt();
            return new Framed(
                    page,
                    PixelSize.exactly(
                            (int) Math.ceil(across - 1e-6),
                            height.getAsInt(),
                            perInch(height.getAsInt(), page.height())));
        }
        int w = width.getAsInt();
        int h = height.getAsInt();
        double down = page.height() / page.width() * w;
        double both = perInch(w, page.width());
        if (Math.abs(down - h) <= SAME) {
            return new Framed(page, PixelSize.exactly(w, h, both));
        }
        if (fit == Fit.REFUSE) {
            throw Refusal.of("export.otherRatio", w, h, w, Math.round(down));
        }
        double byHeight = perInch(h, page.height());
        double used = fit == Fit.CROP ? Math.max(both, byHeight) : Math.min(both, byHeight);
        double frameWidth = w / used * 25.4;
        double frameHeight = h / used * 25.4;
        Page framed = page.framed(
                frameWidth, frameHeight, (frameWidth - page.width()) / 2, (frameHeight - page.height()) / 2);
        return new Framed(framed, PixelSize.exactly(w, h, used));
    }

    private static double perInch(int pixels, double mm) {
        return pixels * 25.4 / mm;
    }
}

package rondel.formats.png;

import rondel.formats.page.Page;
import rondel.words.Refusal;

/** How many pixels a page becomes: its size times the ppi, rounded; or an exact width with the height that follows, rounded
 *  up so that nothing is cut off. The ppi is the same in both directions. */
public record PixelSize(int width, int height, double ppi) {

    private static final long MOST = 600_000_000L;

    public static PixelSize atPpi(Page page, double ppi) {
        return checked(page.width() / 25.4 * ppi, page.height() / 25.4 * ppi, ppi);
    }

    public static PixelSize ofWidth(Page page, int width) {
        double height = Math.ceil(page.height() / page.width() * width - 1e-6);
        return checked(width, height, width * 25.4 / page.width());
    }

    /** @param ppi how many pixels of it are an inch */
    public static PixelSize exactly(int width, int height, double ppi) {
        return checked(width, height, ppi);
    }

    private static PixelSize checked(double width, double height, double ppi) {
        if (!(ppi > 0) || !(width * height <= MOST) || width > 100_000 || height > 100_000) {
            throw Refusal.of("export.tooManyPixels", Math.round(width), Math.round(height));
        }
        return new PixelSize((int) Math.max(1, Math.round(width)), (int) Math.max(1, Math.round(height)), ppi);
    }
}

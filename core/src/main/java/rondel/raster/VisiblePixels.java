package rondel.raster;

import java.awt.image.BufferedImage;
import java.util.Optional;

/** The smallest upright part of an image that holds all pixels that can be seen, in px.
 *
 * @param right one past the last column
 * @param bottom one past the last row */
public record VisiblePixels(int left, int top, int right, int bottom) {

    /** @param least from which alpha, 1 to 255, a pixel counts as seen
     *  @return nothing where nothing can be seen */
    public static Optional<VisiblePixels> of(BufferedImage image, int least) {
        int left = image.getWidth();
        int top = image.getHeight();
        int right = 0;
        int bottom = 0;
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int x = 0; x < row.length; x++) {
                if (row[x] >>> 24 >= least) {
                    left = Math.min(left, x);
                    right = Math.max(right, x + 1);
                    top = Math.min(top, y);
                    bottom = y + 1;
                }
            }
        }
        return right == 0 ? Optional.empty() : Optional.of(new VisiblePixels(left, top, right, bottom));
    }

    public int width() {
        return right - left;
    }

    public int height() {
        return bottom - top;
    }
}

package rondel.run.registration;

import java.awt.image.BufferedImage;

/** A picture by how light it is, from 0 to 255, row by row. */
public record GreyPicture(int width, int height, float[] light) {

    /** By the weights of Rec. 709. */
    public static GreyPicture of(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        float[] light = new float[w * h];
        int[] row = new int[w];
        for (int y = 0; y < h; y++) {
            image.getRGB(0, y, w, 1, row, 0, w);
            for (int x = 0; x < w; x++) {
                int c = row[x];
                int alpha = c >>> 24;
                float grey = 0.2126f * (c >> 16 & 255) + 0.7152f * (c >> 8 & 255) + 0.0722f * (c & 255);
                light[y * w + x] = alpha == 255 ? grey : (grey * alpha + 255 * (255 - alpha)) / 255;
            }
        }
        return new GreyPicture(w, h, light);
    }

    float at(int x, int y) {
        return light[y * width + x];
    }

    /** Between pixels, which are at whole numbers plus a half; beyond the edge, what is at it. */
    double between(double x, double y) {
        double px = Math.clamp(x - 0.5, 0, width - 1.0);
        double py = Math.clamp(y - 0.5, 0, height - 1.0);
        int x0 = Math.min(width - 2, (int) px);
        int y0 = Math.min(height - 2, (int) py);
        double fx = px - x0;
        double fy = py - y0;
        return (1 - fy) * ((1 - fx) * at(x0, y0) + fx * at(x0 + 1, y0))
                + fy * ((1 - fx) * at(x0, y0 + 1) + fx * at(x0 + 1, y0 + 1));
    }
}

package rondel.formats;

import java.awt.image.BufferedImage;

/** Compares pictures. */
public final class Pictures {

    private Pictures() {}

    /** The mean absolute difference over premultiplied RGBA, from 0 to 1. */
    public static double difference(BufferedImage a, BufferedImage b) {
        int width = Math.min(a.getWidth(), b.getWidth());
        int height = Math.min(a.getHeight(), b.getHeight());
        long sum = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int p = a.getRGB(x, y);
                int q = b.getRGB(x, y);
                sum += Math.abs((p >>> 24) - (q >>> 24));
                for (int shift = 0; shift < 24; shift += 8) {
                    sum += Math.abs((p >> shift & 255) * (p >>> 24) / 255 - (q >> shift & 255) * (q >>> 24) / 255);
                }
            }
        }
        return sum / (255.0 * 4 * width * height);
    }
}

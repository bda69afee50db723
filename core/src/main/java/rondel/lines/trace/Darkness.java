package rondel.lines.trace;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import rondel.raster.LevelLines;

/** How dark the pixels of a picture are on white paper, 0 to 255: clear ones are light. By luminance (ITU-R BT.709), to eight
 *  bits. */
record Darkness(int width, int height, byte[] plane) implements LevelLines.Rows {

    static Darkness of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        byte[] plane = new byte[width * height];
        int[] row = new int[width];
        int type = image.getType();
        boolean whole = image.getRaster().getDataBuffer() instanceof DataBufferInt
                && image.getRaster().getParent() == null
                && (type == BufferedImage.TYPE_INT_RGB || type == BufferedImage.TYPE_INT_ARGB);
        int[] pixels = whole ? ((DataBufferInt) image.getRaster().getDataBuffer()).getData() : row;
        int opaque = type == BufferedImage.TYPE_INT_RGB ? 255 : 0;
        for (int y = 0; y < height; y++) {
            if (!whole) {
                image.getRGB(0, y, width, 1, row, 0, width);
            }
            int from = whole ? y * width : 0;
            int last = ~pixels[from];
            byte dark = 0;
            for (int x = 0; x < width; x++) {
                int p = pixels[from + x];
                if (p == last) {
                    plane[y * width + x] = dark;
                    continue;
                }
                last = p;
                int light = (13933 * (p >> 16 & 255) + 46871 * (p >> 8 & 255) + 4732 * (p & 255) + 32768) >> 16;
                int alpha = p >>> 24 | opaque;
                dark = (byte) (alpha == 255 ? 255 - light : (255 - light) * alpha / 255);
                plane[y * width + x] = dark;
            }
        }
        return new Darkness(width, height, plane);
    }

    @Override
    public void read(int y, int[] row) {
        for (int x = 0, i = y * width; x < width; x++, i++) {
            row[x] = plane[i] & 255;
        }
    }

    /** Whether edges go from light to dark in one step, without pixels between. */
    boolean isHard() {
        long steps = 0;
        long between = 0;
        for (int i = 1; i < plane.length; i++) {
            int d = plane[i] & 255;
            if (plane[i] == plane[i - 1] && (d <= 24 || d >= 231)) {
                continue;
            }
            steps += Math.abs(d - (plane[i - 1] & 255)) > 200 ? 1 : 0;
            between += d > 24 && d < 231 ? 1 : 0;
        }
        return between < TraceTuning.SOFT_PART * steps;
    }
}

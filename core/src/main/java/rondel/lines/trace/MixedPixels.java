package rondel.lines.trace;

import java.util.stream.IntStream;

/** Which pixels have no colour of their own, but one between those on either side of an edge, as smoothing, blur and
 *  compression leave them. A mixture lies on a slope, close to the line between the two in sRGB, in which pictures are
 *  smoothed; the middle of a thin line is none, nor is a stripe of a third colour or a gradient that is hardly seen. */
final class MixedPixels {

    private static final int[][] WAYS = {{1, 0}, {0, 1}, {1, 1}, {1, -1}};

    private final int[] pixels;
    private final int width;
    private final int height;

    private final boolean[] mixed;

    MixedPixels(int[] pixels, int width) {
        this.pixels = pixels;
        this.width = width;
        this.height = pixels.length / width;
        this.mixed = new boolean[pixels.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                mixed[y * width + x] = isMixed(x, y);
            }
        });
    }

    boolean at(int i) {
        return mixed[i];
    }

    private boolean isMixed(int x, int y) {
        for (int[] way : WAYS) {
            for (int reach : TraceTuning.REACHES) {
                if (isMixed(x, y, way, reach)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean isMixed(int x, int y, int[] way, int reach) {
        if (!isWithin(x, y, way, -reach) || !isWithin(x, y, way, reach)) {
            return false;
        }
        int a = at(x, y, way, -reach);
        int b = at(x, y, way, reach);
        int c = at(x, y, way, 0);
        int apart = isOpaque(a) && isOpaque(b) && isOpaque(c) ? distance2(a, b) : 0;
        return apart > TraceTuning.APART * TraceTuning.APART
                && isBetween(a, b, c, apart)
                && isSlope(x, y, way, reach, apart)
                && ends(x, y, way, reach, apart);
    }

    private static boolean isOpaque(int pixel) {
        return pixel >>> 24 >= TraceTuning.OPAQUE;
    }

    private static boolean isBetween(int a, int b, int c, int apart) {
        double t = (double) dot(a, b, c) / apart;
        double off = distance2(a, c) - t * t * apart;
        return t > TraceTuning.NEAR
                && t < 1 - TraceTuning.NEAR
                && off < TraceTuning.OFF * TraceTuning.OFF * apart + TraceTuning.OFF_LEVELS * TraceTuning.OFF_LEVELS;
    }

    private boolean isSlope(int x, int y, int[] way, int reach, int apart) {
        int here = distance2(at(x, y, way, -1), at(x, y, way, 1));
        double steepness = here * (double) reach * reach / apart;
        return steepness >= TraceTuning.STEEP * TraceTuning.STEEP && steepness <= TraceTuning.STEPS * TraceTuning.STEPS;
    }

    /** Whether it is an edge that comes to an end soon, and no gradient that goes on and on; told on one side alone beside the
     *  border. */
    private boolean ends(int x, int y, int[] way, int reach, int apart) {
        int a = at(x, y, way, -reach);
        int b = at(x, y, way, reach);
        boolean hasBefore = isWithin(x, y, way, -2 * reach);
        boolean hasAfter = isWithin(x, y, way, 2 * reach);
        double before = hasBefore ? Math.max(0, (double) dot(b, a, at(x, y, way, -2 * reach)) / apart - 1) : 0;
        double after = hasAfter ? Math.max(0, (double) dot(a, b, at(x, y, way, 2 * reach)) / apart - 1) : 0;
        boolean known = hasBefore || hasAfter;
        return known && (hasBefore && hasAfter ? before + after : 2 * (before + after)) < TraceTuning.GOES_ON;
    }

    private boolean isWithin(int x, int y, int[] way, int steps) {
        int u = x + steps * way[0];
        int v = y + steps * way[1];
        return u >= 0 && u < width && v >= 0 && v < height;
    }

    private int at(int x, int y, int[] way, int steps) {
        return pixels[(y + steps * way[1]) * width + x + steps * way[0]];
    }

    /** Of the ways from a to b and to c. */
    private static int dot(int a, int b, int c) {
        int red = ((b >> 16 & 255) - (a >> 16 & 255)) * ((c >> 16 & 255) - (a >> 16 & 255));
        int green = ((b >> 8 & 255) - (a >> 8 & 255)) * ((c >> 8 & 255) - (a >> 8 & 255));
        int blue = ((b & 255) - (a & 255)) * ((c & 255) - (a & 255));
        return red + green + blue;
    }

    /** How far apart two colours are in sRGB, in levels of 256, squared. */
    static int distance2(int a, int b) {
        int red = (a >> 16 & 255) - (b >> 16 & 255);
        int green = (a >> 8 & 255) - (b >> 8 & 255);
        int blue = (a & 255) - (b & 255);
        return red * red + green * green + blue * blue;
    }
}

package rondel.lines.trace;

import java.util.stream.IntStream;

/** Which pixels have no colour of their own, but one between those on either side of an edge, as smoothing, blur and
 *  compression leave them. A mixture lies on a slope, close to the line between the two in sRGB, in which pictures are
 *  smoothed; the middle of a thin line is none, nor is a stripe of a third colour or a gradient that is hardly seen. */
final class Mixtures {

    /** How far apart the colours are of which there are mixtures, in levels of 256. */
    private static final int APART = 30;

    /** Nearer to one side than this part of the way is that side's own. */
    private static final double NEAR = 0.08;

    /** How far a mixture may be off the way, as a part of it. */
    private static final double OFF = 0.2;

    private static final double OFF_LEVELS = 10;

    /** How steep a slope is at a mixture, of how steep it is on the whole. */
    private static final double STEEP = 0.5;

    /** Where it is as many times as steep, it is no slope but a step. */
    private static final double STEPS = 3;

    /** How much further the colours may go on in as many pixels beyond, of how far they are apart. */
    private static final double GOES_ON = 0.85;

    private static final int[] REACHES = {1, 2, 4, 8};
    private static final int[][] WAYS = {{1, 0}, {0, 1}, {1, 1}, {1, -1}};

    private final int[] pixels;
    private final int width;
    private final int height;

    private final boolean[] mixed;

    Mixtures(int[] pixels, int width) {
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
            for (int reach : REACHES) {
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
        return apart > APART * APART
                && isBetween(a, b, c, apart)
                && isSlope(x, y, way, reach, apart)
                && ends(x, y, way, reach, apart);
    }

    private static boolean isOpaque(int pixel) {
        return pixel >>> 24 >= Quantizing.OPAQUE;
    }

    private static boolean isBetween(int a, int b, int c, int apart) {
        double t = (double) dot(a, b, c) / apart;
        double off = distance2(a, c) - t * t * apart;
        return t > NEAR && t < 1 - NEAR && off < OFF * OFF * apart + OFF_LEVELS * OFF_LEVELS;
    }

    private boolean isSlope(int x, int y, int[] way, int reach, int apart) {
        int here = distance2(at(x, y, way, -1), at(x, y, way, 1));
        double steepness = here * (double) reach * reach / apart;
        return steepness >= STEEP * STEEP && steepness <= STEPS * STEPS;
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
        return known && (hasBefore && hasAfter ? before + after : 2 * (before + after)) < GOES_ON;
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

package rondel.lines.trace;

import java.util.stream.IntStream;

/** How much of a pixel is of which colour, along the edges where colours are blended: so that an outline runs where it ran
 *  before the picture was smoothed, between pixels. A pixel can only be a blend of colours that are seen beside it; half way
 *  between two of them, in sRGB, it is half of each. */
final class PixelCoverage {

    private final int[] pixels;
    private final int width;
    private final int height;
    private final int[] colours;

    /** For each pixel the colours around it, as bits. */
    private final char[] near;

    /** @param pixels as 0xrrggbb
     *  @param own for each pixel the number of its colour; below 0 where it has none of its own
     *  @param colours as 0xrrggbb, at most 16 */
    PixelCoverage(int[] pixels, int width, int[] own, int[] colours) {
        this.pixels = pixels;
        this.width = width;
        this.height = pixels.length / width;
        this.colours = colours;
        this.near = near(own);
    }

    private char[] near(int[] own) {
        char[] across = new char[own.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                int bits = 0;
                for (int u = Math.max(0, x - TraceTuning.COVERAGE_REACH);
                        u <= Math.min(width - 1, x + TraceTuning.COVERAGE_REACH);
                        u++) {
                    int label = own[y * width + u];
                    bits |= label < 0 ? 0 : 1 << label;
                }
                across[y * width + x] = (char) bits;
            }
        });
        char[] all = new char[own.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (int v = Math.max(0, y - TraceTuning.COVERAGE_REACH);
                    v <= Math.min(height - 1, y + TraceTuning.COVERAGE_REACH);
                    v++) {
                for (int x = 0; x < width; x++) {
                    all[y * width + x] |= across[v * width + x];
                }
            }
        });
        return all;
    }

    /** The number of the colour beside a pixel that it has the most of; -1 where none is near. */
    int most(int i) {
        int best = -1;
        int least = Integer.MAX_VALUE;
        for (int c = 0; c < colours.length; c++) {
            if ((near[i] >> c & 1) == 1 && MixedPixels.distance2(pixels[i], colours[c]) < least) {
                least = MixedPixels.distance2(pixels[i], colours[c]);
                best = c;
            }
        }
        return best;
    }

    /** How much of a pixel is of some of the colours, 0 to 255.
     *
     * @param label what it counts as, where it can be no blend
     * @param of the colours, as bits */
    int cover(int i, int label, int of) {
        int whole = (of >> label & 1) * 255;
        boolean blend = (near[i] & of) != 0 && (near[i] & ~of) != 0;
        if (!blend || most(i) != label) {
            return whole;
        }
        double in = Math.sqrt(nearest2(i, near[i] & of));
        double out = Math.sqrt(nearest2(i, near[i] & ~of));
        return (int) Math.round(255 * out / (in + out));
    }

    private int nearest2(int i, int of) {
        int least = Integer.MAX_VALUE;
        for (int c = 0; c < colours.length; c++) {
            if ((of >> c & 1) == 1) {
                least = Math.min(least, MixedPixels.distance2(pixels[i], colours[c]));
            }
        }
        return least;
    }
}

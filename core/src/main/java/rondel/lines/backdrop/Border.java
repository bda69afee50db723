package rondel.lines.backdrop;

import java.util.Arrays;
import java.util.stream.IntStream;

/** The pixels around a picture, and those of them that are its backdrop. */
final class Border {

    private Border() {}

    /** Those that look as most of the border near them does; some of them twice.
     *
     * @param limit how far they may be off that, in OKLab, squared */
    static int[] usual(LabImage picture, float limit) {
        int[] around = around(picture.width, picture.height);
        int stretch = Math.max(BackdropTuning.LEAST_STRETCH, around.length / BackdropTuning.STRETCHES);
        return IntStream.iterate(0, from -> from < around.length, from -> from + stretch / 2)
                .mapToObj(from -> Arrays.copyOfRange(around, from, Math.min(around.length, from + stretch)))
                .flatMapToInt(part -> {
                    int middle = median(picture, part);
                    return Arrays.stream(part).filter(i -> picture.distance2(i, picture, middle) <= limit);
                })
                .toArray();
    }

    /** A pixel of the usual lightness among some. */
    private static int median(LabImage picture, int[] pixels) {
        float[] sorted = new float[pixels.length];
        for (int k = 0; k < pixels.length; k++) {
            sorted[k] = picture.light[pixels[k]];
        }
        Arrays.sort(sorted);
        float wanted = sorted[sorted.length / 2];
        return Arrays.stream(pixels)
                .filter(i -> picture.light[i] == wanted)
                .findFirst()
                .orElse(pixels[0]);
    }

    /** Clockwise. */
    private static int[] around(int width, int height) {
        int n = width == 1 || height == 1 ? width * height : 2 * (width + height) - 4;
        int[] around = new int[n];
        int k = 0;
        for (int x = 0; x < width; x++) {
            around[k++] = x;
        }
        for (int y = 1; y < height; y++) {
            around[k++] = y * width + width - 1;
        }
        for (int x = width - 2; x >= 0 && height > 1; x--) {
            around[k++] = (height - 1) * width + x;
        }
        for (int y = height - 2; y > 0 && width > 1; y--) {
            around[k++] = y * width;
        }
        return around;
    }
}

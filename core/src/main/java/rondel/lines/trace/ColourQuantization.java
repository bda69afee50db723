package rondel.lines.trace;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import rondel.job.Rgba;
import rondel.progress.Cancellation;

/** A picture in a few colours. What has a colour of its own gets the one of the few that looks most like it; mixtures along an
 *  edge get that of the side they are nearer to, and the rims of what is cut out that of what is beside them. Clear pixels
 *  have none. */
final class ColourQuantization {

    static final int CLEAR = -1;
    private static final int UNKNOWN = -2;

    final int width;
    final int height;

    /** For each pixel the number of its colour; -1 for one that is quite clear. */
    final int[] labels;

    final List<Rgba> colours = new ArrayList<>();

    private final int[] pixels;
    private final MixedPixels mixtures;
    private final IntPredicate own;
    private final KMeansPalette few;
    private final PixelCoverage blends;

    ColourQuantization(BufferedImage image, int count) {
        width = image.getWidth();
        height = image.getHeight();
        pixels = image.getRGB(0, 0, width, height, null, 0, width);
        mixtures = new MixedPixels(pixels, width);
        own = ownColours();
        few = new KMeansPalette(sample(own), count);
        labels = new int[pixels.length];
        labelOwn();
        blends = new PixelCoverage(pixels, width, labels, average());
        blended();
        flooded();
    }

    /** Which pixels tell the picture's colours: those that are opaque and no mixtures; where hardly any are, as in a wash that is
     *  see-through all over, or in a fine texture, others too. */
    private IntPredicate ownColours() {
        List<IntPredicate> rules = List.of(
                i -> pixels[i] >>> 24 == 255 && !mixtures.at(i),
                i -> pixels[i] >>> 24 >= TraceTuning.OPAQUE && !mixtures.at(i),
                i -> pixels[i] >>> 24 >= TraceTuning.OPAQUE);
        int all = sample(rules.getLast()).size();
        return rules.stream()
                .filter(r -> sample(r).size() >= TraceTuning.ENOUGH * all)
                .findFirst()
                .orElseThrow();
    }

    private List<Integer> sample(IntPredicate which) {
        int step = Math.max(1, pixels.length / TraceTuning.SAMPLE);
        return IntStream.iterate(step / 2, i -> i < pixels.length, i -> i + step)
                .filter(which)
                .mapToObj(i -> pixels[i])
                .toList();
    }

    /** Labels what has a colour of its own, and says what the few colours are on average. */
    private void labelOwn() {
        int[] known = new int[1 << 15];
        Arrays.fill(known, -1);
        long[][] sums = new long[few.count()][4];
        for (int i = 0; i < pixels.length; i++) {
            if (i % width == 0 && (i / width & 127) == 0) {
                Cancellation.check();
            }
            int p = pixels[i];
            if (!own.test(i)) {
                labels[i] = p >>> 24 == 0 ? CLEAR : UNKNOWN;
                continue;
            }
            int key = (p >> 9 & 0x7c00) | (p >> 6 & 0x3e0) | (p >> 3 & 0x1f);
            if (known[key] < 0) {
                known[key] = few.nearest(p);
            }
            int label = known[key];
            labels[i] = label;
            sums[label][0] += p >> 16 & 255;
            sums[label][1] += p >> 8 & 255;
            sums[label][2] += p & 255;
            sums[label][3]++;
        }
        for (long[] s : sums) {
            long n = Math.max(1, s[3]);
            colours.add(new Rgba((int) (s[0] / n), (int) (s[1] / n), (int) (s[2] / n), 255));
        }
    }

    private void blended() {
        for (int i = 0; i < pixels.length; i++) {
            int most = labels[i] == CLEAR ? -1 : blends.most(i);
            labels[i] = most < 0 ? labels[i] : most;
        }
    }

    private int[] average() {
        return colours.stream()
                .mapToInt(c -> c.red() << 16 | c.green() << 8 | c.blue())
                .toArray();
    }

    /** How much of a pixel is of some of the colours, 0 to 255: of a mixture, as much as it is of that side.
     *
     * @param of the colours, as bits */
    int cover(int i, int of) {
        return labels[i] < 0 ? 0 : Math.min(pixels[i] >>> 24, blends.cover(i, labels[i], of));
    }

    /** Whether edges go from colour to colour in one step, without mixtures between. */
    boolean isHard() {
        long steps = 0;
        long between = 0;
        for (int i = 1; i < labels.length; i++) {
            steps += labels[i] != labels[i - 1] ? 1 : 0;
            between += mixtures.at(i) || pixels[i] >>> 24 > 0 && pixels[i] >>> 24 < 255 ? 1 : 0;
        }
        return between < TraceTuning.MIXED_PART * steps;
    }

    /** Gives what is unknown the colour beside it; without any, the one it looks like. */
    private void flooded() {
        int[] queue = new int[pixels.length];
        int end = 0;
        for (int i = 0; i < pixels.length; i++) {
            if (labels[i] >= 0) {
                queue[end++] = i;
            }
        }
        for (int at = 0; at < end; at++) {
            int i = queue[at];
            int x = i % width;
            end = x > 0 ? taken(i - 1, i, queue, end) : end;
            end = x < width - 1 ? taken(i + 1, i, queue, end) : end;
            end = i >= width ? taken(i - width, i, queue, end) : end;
            end = i + width < pixels.length ? taken(i + width, i, queue, end) : end;
        }
        for (int i = 0; i < pixels.length; i++) {
            labels[i] = labels[i] == UNKNOWN ? few.nearest(pixels[i]) : labels[i];
        }
    }

    private int taken(int i, int from, int[] queue, int end) {
        if (labels[i] != UNKNOWN) {
            return end;
        }
        labels[i] = labels[from];
        queue[end] = i;
        return end + 1;
    }
}

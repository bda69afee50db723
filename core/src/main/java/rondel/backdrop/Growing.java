package rondel.backdrop;

import java.util.Arrays;
import java.util.List;
import rondel.geometry.Point;
import rondel.job.BackdropShape;
import rondel.progress.Cancellation;

/** Which pixels are backdrop: regions grown from seeds along the borders, or from clicks, as long as a pixel looks like the
 *  backdrop beside it; what that looks like is followed as it changes, through gradients and soft shadows (seeded region growing,
 *  Adams and Bischof 1994, with a running mean in OKLab). */
final class Growing {

    private static final float FOLLOWING = 0.12f;
    private static final double POCKET = 0.5;
    private static final double PURE = 0.5;
    private static final int BEYOND = 4;
    private static final double FADING = 0.2;
    private static final int LEAST_POCKET = 24;
    private static final int FINEST_PART = 25_000;

    private final LabImage picture;
    private final LabImage mean;
    private final int width;
    private final int height;
    private final float limit;
    private final boolean[] backdrop;
    private final int[] queue;

    private Growing(LabImage picture, double tolerance) {
        this.picture = picture;
        this.width = picture.width;
        this.height = picture.height;
        this.limit = (float) (tolerance * tolerance);
        this.mean = LabImage.empty(width, height);
        this.backdrop = new boolean[width * height];
        this.queue = new int[width * height];
    }

    /** @param painted 1 where the brush keeps, -1 where it drops */
    static boolean[] of(LabImage picture, BackdropShape shape, byte[] painted) {
        Growing growing = new Growing(picture, shape.tolerance());
        int seeds = shape.clicks().isEmpty() ? growing.seedBorders() : growing.seedClicks(shape.clicks());
        growing.grow(seeds, painted);
        if (shape.pockets()) {
            growing.pockets(painted);
        }
        growing.dropSpeckles(painted);
        for (int i = 0; i < painted.length; i++) {
            growing.backdrop[i] = painted[i] == 0 ? growing.backdrop[i] : painted[i] < 0;
        }
        return growing.backdrop;
    }

    /** The pixels along the borders that look as most of the border near them does. */
    private int seedBorders() {
        int[] border = border();
        int window = Math.max(8, border.length / 6);
        int seeds = 0;
        float[] l = new float[window];
        for (int from = 0; from < border.length; from += window / 2) {
            int middle = median(border, from, l);
            for (int k = from; k < Math.min(border.length, from + window); k++) {
                int i = border[k];
                if (!backdrop[i] && picture.distance2(i, picture, middle) <= 2 * limit) {
                    backdrop[i] = true;
                    mean.copy(i, picture, i);
                    queue[seeds++] = i;
                }
            }
        }
        return seeds;
    }

    /** The pixel of the usual lightness in a stretch of the border. */
    private int median(int[] border, int from, float[] l) {
        int n = Math.min(l.length, border.length - from);
        for (int k = 0; k < n; k++) {
            l[k] = picture.light[border[from + k]];
        }
        float[] sorted = Arrays.copyOf(l, n);
        Arrays.sort(sorted);
        float wanted = sorted[n / 2];
        for (int k = 0; k < n; k++) {
            if (l[k] == wanted) {
                return border[from + k];
            }
        }
        return border[from];
    }

    /** The pixels around the picture, clockwise. */
    private int[] border() {
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

    private int seedClicks(List<Point> clicks) {
        int seeds = 0;
        for (Point p : clicks) {
            int x = (int) Math.clamp(p.x() * width, 0, width - 1);
            int y = (int) Math.clamp(p.y() * height, 0, height - 1);
            int i = y * width + x;
            if (!backdrop[i]) {
                backdrop[i] = true;
                mean.copy(i, picture, i);
                queue[seeds++] = i;
            }
        }
        return seeds;
    }

    /** @return how many of the queue are taken then */
    private int grow(int seeds, byte[] painted) {
        int end = seeds;
        for (int at = 0; at < end; at++) {
            if ((at & 0xffff) == 0) {
                Cancellation.check();
            }
            int i = queue[at];
            int x = i % width;
            if (x > 0) {
                end = taken(i, i - 1, end, painted);
            }
            if (x < width - 1) {
                end = taken(i, i + 1, end, painted);
            }
            if (i >= width) {
                end = taken(i, i - width, end, painted);
            }
            if (i < width * (height - 1)) {
                end = taken(i, i + width, end, painted);
            }
        }
        return end;
    }

    private int taken(int from, int i, int end, byte[] painted) {
        if (backdrop[i] || painted[i] > 0 || picture.distance2(i, mean, from) > limit) {
            return end;
        }
        backdrop[i] = true;
        mean.approach(i, mean, from, picture, i, FOLLOWING);
        queue[end] = i;
        return end + 1;
    }

    /** Patches that look as the backdrop would where they are: seen through the gaps of the motif. They grow no further than to
     *  colours that the backdrop is seen in or would have in shadow, so that they don't follow a gradient of the motif. */
    private void pockets(byte[] painted) {
        LabImage expected = Spread.of(mean, backdrop);
        SeenColours seen = new SeenColours(mean, backdrop, Math.max(0.008, 0.25 * Math.sqrt(limit)));
        boolean[] alike = new boolean[backdrop.length];
        float closer = (float) (limit * POCKET * POCKET);
        for (int i = 0; i < alike.length; i++) {
            alike[i] = !backdrop[i]
                    && painted[i] <= 0
                    && (picture.distance2(i, expected, i) <= closer || seen.holds(picture, i));
        }
        byte[] strange = painted.clone();
        for (int i = 0; i < strange.length; i++) {
            boolean known = picture.distance2(i, expected, i) <= closer
                    || seen.holds(picture, i)
                    || picture.isShadeOf(i, expected, (float) (limit * PURE * PURE));
            strange[i] = known ? strange[i] : 1;
        }
        int least = Math.max(LEAST_POCKET, alike.length / FINEST_PART);
        Patches.of(alike, width, height, (count, pixels) -> {
            if (count >= least) {
                for (int k = 0; k < count; k++) {
                    backdrop[pixels[k]] = true;
                    mean.copy(pixels[k], picture, pixels[k]);
                    queue[k] = pixels[k];
                }
                int end = grow(count, strange);
                if (!isBounded(end)) {
                    for (int k = 0; k < end; k++) {
                        backdrop[queue[k]] = false;
                    }
                }
            }
        });
    }

    /** Whether what was grown ends at edges nearly all around: what fades into something else is the motif's own. */
    private boolean isBounded(int end) {
        int edges = 0;
        int fades = 0;
        int[] steps = {-1, 1, -width, width};
        for (int k = 0; k < end; k++) {
            int i = queue[k];
            int x = i % width;
            for (int step : steps) {
                boolean within = (step == -1 ? x >= BEYOND : step == 1 ? x < width - BEYOND : true)
                        && i + BEYOND * step >= 0
                        && i + BEYOND * step < backdrop.length;
                if (within && !backdrop[i + step]) {
                    if (picture.distance2(i + BEYOND * step, mean, i) > limit) {
                        edges++;
                    } else {
                        fades++;
                    }
                }
            }
        }
        return fades <= FADING * (edges + fades);
    }

    /** Leaves out what is left standing in the backdrop and is too small to be meant. */
    private void dropSpeckles(byte[] painted) {
        boolean[] kept = new boolean[backdrop.length];
        for (int i = 0; i < kept.length; i++) {
            kept[i] = !backdrop[i];
        }
        int least = Math.max(LEAST_POCKET, kept.length / FINEST_PART);
        Patches.of(kept, width, height, (count, pixels) -> {
            if (count < least) {
                for (int k = 0; k < count; k++) {
                    backdrop[pixels[k]] = painted[pixels[k]] <= 0;
                }
            }
        });
    }
}

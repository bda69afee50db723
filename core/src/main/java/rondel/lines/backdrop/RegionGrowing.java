package rondel.lines.backdrop;

import java.util.List;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.progress.Cancellation;

/** Which pixels are backdrop: regions grown from seeds along the borders, or from clicks, as long as a pixel looks like the
 *  backdrop beside it; what that looks like is followed as it changes slowly, through gradients and soft shadows, but not across
 *  edges that are out of focus (seeded region growing, Adams and Bischof 1994, with a running mean in OKLab). */
final class RegionGrowing {

    private static final int[][] WAYS = {{-1, 0}, {1, 0}, {0, -1}, {0, 1}};

    private final LabImage picture;
    private final LabImage mean;
    private final int width;
    private final int height;
    private final float limit;
    private final GradientMap steepness;
    private final boolean[] backdrop;
    private final int[] queue;

    private RegionGrowing(LabImage picture, double tolerance) {
        this.picture = picture;
        this.width = picture.width;
        this.height = picture.height;
        this.limit = (float) (tolerance * tolerance);
        this.steepness = new GradientMap(picture, limit);
        this.mean = LabImage.empty(width, height);
        this.backdrop = new boolean[width * height];
        this.queue = new int[width * height];
    }

    /** @param painted 1 where the brush keeps, -1 where it drops */
    static boolean[] of(LabImage picture, BackdropSettings settings, byte[] painted) {
        RegionGrowing growing = new RegionGrowing(picture, settings.tolerance());
        int seeds = growing.seed(
                settings.clicks().isEmpty()
                        ? Border.usual(picture, 2 * growing.limit)
                        : growing.clicked(settings.clicks()));
        growing.grow(seeds, painted);
        if (settings.pockets()) {
            growing.pockets(painted);
        }
        growing.dropSpeckles(painted);
        for (int i = 0; i < painted.length; i++) {
            growing.backdrop[i] = painted[i] == 0 ? growing.backdrop[i] : painted[i] < 0;
        }
        return growing.backdrop;
    }

    private int[] clicked(List<Point> clicks) {
        return clicks.stream()
                .mapToInt(p -> (int) Math.clamp(p.y() * height, 0, height - 1) * width
                        + (int) Math.clamp(p.x() * width, 0, width - 1))
                .toArray();
    }

    /** @return how many of the queue are taken then */
    private int seed(int[] pixels) {
        int seeds = 0;
        for (int i : pixels) {
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
        mean.approach(i, mean, from, picture, i, steepness.at(i % width, i / width) ? 0 : BackdropTuning.FOLLOWING);
        queue[end] = i;
        return end + 1;
    }

    /** ConnectedComponents that look as the backdrop would where they are: seen through the gaps of the motif. They grow no further than to
     *  colours that the backdrop is seen in or would have in shadow, so that they don't follow a gradient of the motif. */
    private void pockets(byte[] painted) {
        LabImage expected = PushPull.of(mean, backdrop);
        BackdropColours seen = new BackdropColours(mean, backdrop, Math.max(0.008, 0.25 * Math.sqrt(limit)));
        boolean[] alike = new boolean[backdrop.length];
        float closer = (float) (limit * BackdropTuning.POCKET * BackdropTuning.POCKET);
        for (int i = 0; i < alike.length; i++) {
            alike[i] = !backdrop[i]
                    && painted[i] <= 0
                    && (picture.distance2(i, expected, i) <= closer || seen.holds(picture, i));
        }
        byte[] strange = painted.clone();
        for (int i = 0; i < strange.length; i++) {
            boolean known = picture.distance2(i, expected, i) <= closer
                    || seen.holds(picture, i)
                    || picture.isShadeOf(i, expected, (float) (limit * BackdropTuning.PURE * BackdropTuning.PURE));
            strange[i] = known ? strange[i] : 1;
        }
        int least = Math.max(BackdropTuning.LEAST_POCKET, alike.length / BackdropTuning.FINEST_PART);
        ConnectedComponents.of(alike, width, height, (count, pixels) -> {
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

    /** Whether what was grown ends at edges nearly all around: what fades into something else is the motif's own, and so is what
     *  is as thin as a line. */
    private boolean isBounded(int end) {
        int most = Math.max(BackdropTuning.BEYOND, Math.max(width, height) / BackdropTuning.BEYOND_PART);
        int all = 0;
        int edges = 0;
        for (int k = 0; k < end; k++) {
            int i = queue[k];
            int x = i % width;
            int y = i / width;
            for (int[] way : WAYS) {
                boolean within = x + way[0] >= 0 && x + way[0] < width && y + way[1] >= 0 && y + way[1] < height;
                if (within && !backdrop[i + way[1] * width + way[0]]) {
                    all++;
                    edges += endsSoon(i, x, y, way, most) ? 1 : 0;
                }
            }
        }
        double thick = all == 0 ? most : 2.0 * end / all;
        return thick >= Math.max(BackdropTuning.THIN, Math.max(width, height) / BackdropTuning.THIN_PART)
                && edges >= (1 - BackdropTuning.FADING) * all;
    }

    /** Whether the picture is something else before long, on a way. */
    private boolean endsSoon(int i, int x, int y, int[] way, int most) {
        for (int k = 1; k <= most; k++) {
            int u = x + k * way[0];
            int v = y + k * way[1];
            if (u < 0 || u >= width || v < 0 || v >= height) {
                return false;
            }
            if (picture.distance2(v * width + u, mean, i) > limit) {
                return true;
            }
        }
        return false;
    }

    /** Leaves out what is left standing in the backdrop and is too small to be meant. */
    private void dropSpeckles(byte[] painted) {
        boolean[] kept = new boolean[backdrop.length];
        for (int i = 0; i < kept.length; i++) {
            kept[i] = !backdrop[i];
        }
        int least = Math.max(BackdropTuning.LEAST_POCKET, kept.length / BackdropTuning.FINEST_PART);
        ConnectedComponents.of(kept, width, height, (count, pixels) -> {
            if (count < least) {
                for (int k = 0; k < count; k++) {
                    backdrop[pixels[k]] = painted[pixels[k]] <= 0;
                }
            }
        });
    }
}

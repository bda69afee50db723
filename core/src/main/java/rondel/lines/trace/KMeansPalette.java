package rondel.lines.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import rondel.colour.OkLab;
import rondel.job.Rgba;
import rondel.progress.Cancellation;

/** The few colours that stand for many: k-means in OKLab (Ottosson 2020), begun as k-means++ does (Arthur and Vassilvitskii
 *  2007), always the same for the same colours. */
final class KMeansPalette {

    private final double[][] centres;

    /** @param sample colours as 0xrrggbb
     *  @param count the most that are taken */
    KMeansPalette(List<Integer> sample, int count) {
        centres = centres(sample.stream().map(KMeansPalette::lab).toList(), count);
    }

    int count() {
        return centres.length;
    }

    /** The number of the one that looks most like a colour. */
    int nearest(int rgb) {
        return nearest(lab(rgb), centres);
    }

    private static double[] lab(int p) {
        OkLab lab = OkLab.of(new Rgba(p >> 16 & 255, p >> 8 & 255, p & 255, 255));
        return new double[] {lab.lightness(), lab.greenRed(), lab.blueYellow()};
    }

    private static double[][] centres(List<double[]> sample, int count) {
        double[][] centres =
                settled(sample, begun(sample, TraceTuning.SPARE * count).toArray(double[][]::new));
        int needless = needless(sample, centres, count);
        while (needless >= 0) {
            int without = needless;
            double[][] fewer = IntStream.range(0, centres.length)
                    .filter(c -> c != without)
                    .mapToObj(Arrays.asList(centres)::get)
                    .toArray(double[][]::new);
            centres = settled(sample, fewer);
            needless = needless(sample, centres, count);
        }
        return centres;
    }

    private static double[][] settled(List<double[]> sample, double[][] begun) {
        double[][] centres = begun;
        for (int round = 0; round < TraceTuning.ROUNDS; round++) {
            Cancellation.check();
            double[][] sums = new double[centres.length][4];
            for (double[] p : sample) {
                double[] s = sums[nearest(p, centres)];
                for (int k = 0; k < 3; k++) {
                    s[k] += p[k];
                }
                s[3]++;
            }
            double[][] means = new double[centres.length][];
            for (int c = 0; c < sums.length; c++) {
                double n = sums[c][3];
                means[c] = n > 0 ? new double[] {sums[c][0] / n, sums[c][1] / n, sums[c][2] / n} : centres[c];
            }
            centres = means;
        }
        return centres;
    }

    /** One of the two whose being one is the least loss (Ward 1963), where they can hardly be told apart or are too many; or one
     *  that hardly any have and that is a blend of two others, as what is left of smoothed edges; -1 where all are needed. */
    private static int needless(List<double[]> sample, double[][] centres, int most) {
        int[] counts = new int[centres.length];
        for (double[] p : sample) {
            counts[nearest(p, centres)]++;
        }
        boolean tooMany = centres.length > most;
        int gone = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int c = 1; c < centres.length; c++) {
            for (int d = 0; d < c; d++) {
                double apart = distance(centres[c], centres[d]);
                double loss = apart * counts[c] * counts[d] / Math.max(1, counts[c] + counts[d]);
                if ((tooMany || apart < TraceTuning.ALIKE * TraceTuning.ALIKE) && loss < least) {
                    least = loss;
                    gone = counts[c] < counts[d] ? c : d;
                }
            }
        }
        return gone >= 0 ? gone : blend(counts, sample.size(), centres);
    }

    private static int blend(int[] counts, int all, double[][] centres) {
        return IntStream.range(0, centres.length)
                .filter(c -> counts[c] < TraceTuning.RARE * all && isBlend(centres, c))
                .findFirst()
                .orElse(-1);
    }

    private static boolean isBlend(double[][] centres, int c) {
        for (int a = 0; a < centres.length; a++) {
            for (int b = 0; b < a; b++) {
                double way = Math.sqrt(distance(centres[a], centres[b]));
                double around =
                        Math.sqrt(distance(centres[a], centres[c])) + Math.sqrt(distance(centres[c], centres[b]));
                if (a != c && b != c && around < TraceTuning.DETOUR * way) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The first at random, each further one the likelier the further it is from those before it. */
    private static List<double[]> begun(List<double[]> sample, int count) {
        Random random = new Random(1);
        List<double[]> centres = new ArrayList<>();
        if (sample.isEmpty()) {
            return new ArrayList<>(List.of(new double[] {0, 0, 0}));
        }
        centres.add(sample.get(random.nextInt(sample.size())));
        double[] far = new double[sample.size()];
        Arrays.fill(far, Double.POSITIVE_INFINITY);
        while (centres.size() < count) {
            double sum = 0;
            for (int i = 0; i < far.length; i++) {
                far[i] = Math.min(far[i], distance(sample.get(i), centres.getLast()));
                sum += far[i];
            }
            if (sum < 1e-9) {
                break;
            }
            double at = random.nextDouble() * sum;
            int chosen = 0;
            while (chosen < far.length - 1 && (at -= far[chosen]) > 0) {
                chosen++;
            }
            centres.add(sample.get(chosen));
        }
        return centres;
    }

    private static int nearest(double[] p, double[][] centres) {
        int best = 0;
        for (int c = 1; c < centres.length; c++) {
            if (distance(p, centres[c]) < distance(p, centres[best])) {
                best = c;
            }
        }
        return best;
    }

    private static double distance(double[] a, double[] b) {
        double x = a[0] - b[0];
        double y = a[1] - b[1];
        double z = a[2] - b[2];
        return x * x + y * y + z * z;
    }
}

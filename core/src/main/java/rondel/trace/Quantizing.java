package rondel.trace;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import rondel.colour.OkLab;
import rondel.job.Rgba;
import rondel.progress.Cancellation;

/** The few colours that stand for all in a picture: k-means in OKLab (Ottosson 2020) over a sample of its pixels, begun as
 *  k-means++ does (Arthur and Vassilvitskii 2007), always the same for the same picture. Clear pixels have none. */
final class Quantizing {

    private static final int SAMPLE = 20_000;
    private static final int ROUNDS = 12;
    private static final int OPAQUE = 128;

    final int width;
    final int height;
    /** For each pixel the number of its colour; -1 for a clear one. */
    final int[] labels;

    final List<Rgba> colours;

    Quantizing(BufferedImage image, int count) {
        width = image.getWidth();
        height = image.getHeight();
        int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
        double[][] centres = centres(sample(pixels), count);
        labels = new int[pixels.length];
        int[] known = new int[1 << 15];
        Arrays.fill(known, -1);
        long[][] sums = new long[centres.length][4];
        for (int i = 0; i < pixels.length; i++) {
            if (i % width == 0 && (i / width & 127) == 0) {
                Cancellation.check();
            }
            int p = pixels[i];
            if (p >>> 24 < OPAQUE) {
                labels[i] = -1;
                continue;
            }
            int key = (p >> 9 & 0x7c00) | (p >> 6 & 0x3e0) | (p >> 3 & 0x1f);
            if (known[key] < 0) {
                known[key] = nearest(lab(p), centres);
            }
            int label = known[key];
            labels[i] = label;
            sums[label][0] += p >> 16 & 255;
            sums[label][1] += p >> 8 & 255;
            sums[label][2] += p & 255;
            sums[label][3]++;
        }
        colours = new ArrayList<>();
        for (long[] s : sums) {
            long n = Math.max(1, s[3]);
            colours.add(new Rgba((int) (s[0] / n), (int) (s[1] / n), (int) (s[2] / n), 255));
        }
    }

    private static List<double[]> sample(int[] pixels) {
        List<double[]> sample = new ArrayList<>();
        int step = Math.max(1, pixels.length / SAMPLE);
        for (int i = step / 2; i < pixels.length; i += step) {
            if (pixels[i] >>> 24 >= OPAQUE) {
                sample.add(lab(pixels[i]));
            }
        }
        return sample;
    }

    private static double[] lab(int p) {
        OkLab lab = OkLab.of(new Rgba(p >> 16 & 255, p >> 8 & 255, p & 255, 255));
        return new double[] {lab.lightness(), lab.greenRed(), lab.blueYellow()};
    }

    private static double[][] centres(List<double[]> sample, int count) {
        List<double[]> centres = begun(sample, count);
        for (int round = 0; round < ROUNDS; round++) {
            Cancellation.check();
            double[][] sums = new double[centres.size()][4];
            double[][] now = centres.toArray(double[][]::new);
            for (double[] p : sample) {
                double[] s = sums[nearest(p, now)];
                for (int k = 0; k < 3; k++) {
                    s[k] += p[k];
                }
                s[3]++;
            }
            for (int c = 0; c < sums.length; c++) {
                if (sums[c][3] > 0) {
                    centres.set(
                            c,
                            new double[] {sums[c][0] / sums[c][3], sums[c][1] / sums[c][3], sums[c][2] / sums[c][3]});
                }
            }
        }
        return centres.toArray(double[][]::new);
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

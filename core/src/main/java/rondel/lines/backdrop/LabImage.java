package rondel.lines.backdrop;

import java.awt.image.BufferedImage;
import java.util.stream.IntStream;
import rondel.progress.Cancellation;

/** A picture's colours as people see them (OKLab, Ottosson 2020), three planes of floats. */
final class LabImage {

    final int width;
    final int height;
    final float[] light;
    final float[] greenRed;
    final float[] blueYellow;

    private LabImage(int width, int height) {
        this.width = width;
        this.height = height;
        this.light = new float[width * height];
        this.greenRed = new float[width * height];
        this.blueYellow = new float[width * height];
    }

    static LabImage empty(int width, int height) {
        return new LabImage(width, height);
    }

    static LabImage of(BufferedImage image) {
        LabImage lab = new LabImage(image.getWidth(), image.getHeight());
        float[] linear = linear();
        int[] pixels = image.getRGB(0, 0, lab.width, lab.height, null, 0, lab.width);
        Cancellation.check();
        IntStream.range(0, lab.height).parallel().forEach(y -> {
            for (int i = y * lab.width; i < (y + 1) * lab.width; i++) {
                int rgb = pixels[i];
                lab.set(i, linear[rgb >> 16 & 255], linear[rgb >> 8 & 255], linear[rgb & 255]);
            }
        });
        Cancellation.check();
        return lab;
    }

    private static float[] linear() {
        float[] linear = new float[256];
        for (int i = 0; i < 256; i++) {
            double c = i / 255.0;
            linear[i] = (float) (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return linear;
    }

    private void set(int i, float r, float g, float b) {
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
        light[i] = (float) (0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s);
        greenRed[i] = (float) (1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s);
        blueYellow[i] = (float) (0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
    }

    /** How different a pixel of this one looks from a pixel of another, squared. */
    float distance2(int i, LabImage other, int j) {
        float dl = light[i] - other.light[j];
        float da = greenRed[i] - other.greenRed[j];
        float db = blueYellow[i] - other.blueYellow[j];
        return dl * dl + da * da + db * db;
    }

    /** Whether a pixel is the same colour as one of another, in less light: shadows scale all three axes alike.
     *
     * @param limit how far it may be off that, squared */
    boolean isShadeOf(int i, LabImage other, float limit) {
        float l = other.light[i];
        float a = other.greenRed[i];
        float b = other.blueYellow[i];
        float part = (light[i] * l + greenRed[i] * a + blueYellow[i] * b) / Math.max(1e-6f, l * l + a * a + b * b);
        float dl = light[i] - part * l;
        float da = greenRed[i] - part * a;
        float db = blueYellow[i] - part * b;
        return part >= BackdropTuning.DEEPEST_SHADOW && part <= 1.02f && dl * dl + da * da + db * db <= limit;
    }

    void copy(int i, LabImage from, int j) {
        light[i] = from.light[j];
        greenRed[i] = from.greenRed[j];
        blueYellow[i] = from.blueYellow[j];
    }

    /** Goes a part of the way to a pixel of another. */
    void approach(int i, LabImage from, int j, LabImage to, int k, float part) {
        light[i] = from.light[j] + part * (to.light[k] - from.light[j]);
        greenRed[i] = from.greenRed[j] + part * (to.greenRed[k] - from.greenRed[j]);
        blueYellow[i] = from.blueYellow[j] + part * (to.blueYellow[k] - from.blueYellow[j]);
    }
}

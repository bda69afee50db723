package rondel.colour;

import rondel.job.Rgba;

/** A colour as people see it: lightness from 0 to 1, and two opponent axes (Björn Ottosson, A perceptual color space for
 *  image processing, 2020). */
public record OkLab(double lightness, double greenRed, double blueYellow) {

    public static OkLab of(Rgba c) {
        double r = linear(c.red());
        double g = linear(c.green());
        double b = linear(c.blue());
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
        return new OkLab(
                0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
                1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
                0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
    }

    /** How different two colours look: 0 for the same, about 1 for black and white. */
    public double distance(OkLab other) {
        double dl = lightness - other.lightness;
        double da = greenRed - other.greenRed;
        double db = blueYellow - other.blueYellow;
        return Math.sqrt(dl * dl + da * da + db * db);
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}

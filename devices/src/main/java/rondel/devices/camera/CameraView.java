package rondel.devices.camera;

import java.util.SplittableRandom;
import rondel.run.registration.Homography;

/** How a camera sees a sheet.
 *
 * @param ppi pixels per inch in the middle, before all else
 * @param degrees turned, clockwise
 * @param scale how much larger
 * @param shear how far the top is pushed to the right, as a share of the height
 * @param tiltX how much nearer the right edge is than the left, as a share
 * @param tiltY how much nearer the lower edge is than the upper, as a share
 * @param shadow how much light is lost in the darkest shadow, from 0 to 1
 * @param dirt how many specks and hairs lie on it
 * @param quality of the JPEG that it makes, from 0 to 1; 1 for none
 * @param border how much of the table is seen around the sheet, as a share of its size
 * @param seed of shadows and dirt */
public record CameraView(
        double ppi,
        double degrees,
        double scale,
        double shear,
        double tiltX,
        double tiltY,
        double shadow,
        int dirt,
        double quality,
        double border,
        long seed) {

    private static final double MM_PER_INCH = 25.4;

    /** A flat picture, straight from above. */
    public static CameraView flat(double ppi) {
        return new CameraView(ppi, 0, 1, 0, 0, 0, 0, 0, 1, 0, 0);
    }

    /** As a hand holds a phone: turned up to 5°, 2 % larger or smaller, somewhat sheared and tilted, in uneven light, saved as JPEG 60. */
    public static CameraView byHand(double ppi, long seed) {
        SplittableRandom r = new SplittableRandom(seed);
        return new CameraView(
                ppi,
                r.nextDouble(-5, 5),
                r.nextDouble(0.98, 1.02),
                r.nextDouble(-0.01, 0.01),
                r.nextDouble(-0.06, 0.06),
                r.nextDouble(-0.06, 0.06),
                r.nextDouble(0.1, 0.45),
                40,
                0.6,
                0.12,
                seed);
    }

    int pixelsAcross(double width) {
        return (int) Math.round(width * (1 + 2 * border) * ppi / MM_PER_INCH);
    }

    int pixelsDown(double height) {
        return (int) Math.round(height * (1 + 2 * border) * ppi / MM_PER_INCH);
    }

    /** From a sheet, in mm with y down, to the picture, in pixels.
     *
     * @param width of the sheet, in mm */
    public Homography map(double width, double height) {
        double a = Math.toRadians(degrees);
        double k = scale * ppi / MM_PER_INCH;
        double m11 = k * Math.cos(a);
        double m12 = k * (-Math.sin(a) - shear * Math.cos(a));
        double m21 = k * Math.sin(a);
        double m22 = k * (Math.cos(a) - shear * Math.sin(a));
        double g = -tiltX / width;
        double h = -tiltY / height;
        double cx = width / 2;
        double cy = height / 2;
        double ox = pixelsAcross(width) / 2.0;
        double oy = pixelsDown(height) / 2.0;
        // About the middle of the sheet: (x, y) = M (p - c) / (1 + g (px - cx) + h (py - cy)) + o, made even by its
        // constant.
        double w = 1 - g * cx - h * cy;
        return new Homography(
                (m11 + ox * g) / w,
                (m12 + ox * h) / w,
                (ox * w - m11 * cx - m12 * cy) / w,
                (m21 + oy * g) / w,
                (m22 + oy * h) / w,
                (oy * w - m21 * cx - m22 * cy) / w,
                g / w,
                h / w);
    }
}

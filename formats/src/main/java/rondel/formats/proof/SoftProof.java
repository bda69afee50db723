package rondel.formats.proof;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import rondel.formats.pdf.printready.OutputProfile;

/** Colours as a press prints them, shown on a screen (soft proof): each goes to the press's inks and back by the JDK's colour management, with the
 *  relative colorimetric intent, so that paper stays white. What comes back far from what it was is out of the press's gamut. Worked out once on a
 *  grid of colours, between which is interpolated along all three axes. */
public final class SoftProof {

    /** Nodes along each axis: finer shows no difference. */
    private static final int NODES = 33;

    /** From what difference on, as ΔE*ab (CIE 15, 8.2.1), somebody sees it who has both side by side. */
    private static final double SEEN = 6;

    /** The stripes of what is marked, in pixels. */
    private static final int STRIPE = 4;

    /** In the header of a profile (ICC.1, 7.2.15). */
    private static final int INTENT = 67;

    private static final byte RELATIVE = 1;

    private static final int LIGHT = 0xffffffff;
    private static final int DARK = 0xff16403d;

    private final float[] grid;

    /** What is shown. */
    public enum Shown {
        /** As on the screen. */
        AS_DRAWN,
        /** As it is printed. */
        AS_PRINTED,
        /** As it is printed, with stripes over what the press has no colour for. */
        MARKED
    }

    private static final class Shipped {
        private static final SoftProof PROOF = new SoftProof(OutputProfile.cmyk());
    }

    /** Of the press whose profile comes along. */
    public static SoftProof shipped() {
        return Shipped.PROOF;
    }

    /** @param profile of the press */
    public SoftProof(byte[] profile) {
        byte[] relative = profile.clone();
        relative[INTENT] = RELATIVE;
        ICC_Profile press = ICC_Profile.getInstance(relative);
        ICC_Profile screen = ICC_Profile.getInstance(ColorSpace.CS_sRGB);
        int count = NODES * NODES * NODES;
        WritableRaster rgb = Raster.createInterleavedRaster(0, count, 1, 3, null);
        byte[] from = ((DataBufferByte) rgb.getDataBuffer()).getData();
        for (int i = 0; i < count; i++) {
            from[3 * i] = node(i / (NODES * NODES));
            from[3 * i + 1] = node(i / NODES % NODES);
            from[3 * i + 2] = node(i % NODES);
        }
        WritableRaster inks = Raster.createInterleavedRaster(0, count, 1, 4, null);
        new ColorConvertOp(new ICC_Profile[] {screen, press}, null).filter(rgb, inks);
        WritableRaster back = Raster.createInterleavedRaster(0, count, 1, 3, null);
        new ColorConvertOp(new ICC_Profile[] {press, screen}, null).filter(inks, back);
        byte[] to = ((DataBufferByte) back.getDataBuffer()).getData();
        grid = new float[4 * count];
        for (int i = 0; i < count; i++) {
            double[] was = Lab.of(from[3 * i] & 255, from[3 * i + 1] & 255, from[3 * i + 2] & 255);
            double[] is = Lab.of(to[3 * i] & 255, to[3 * i + 1] & 255, to[3 * i + 2] & 255);
            for (int k = 0; k < 3; k++) {
                grid[4 * i + k] = to[3 * i + k] & 255;
            }
            grid[4 * i + 3] = (float) Math.hypot(Math.hypot(was[0] - is[0], was[1] - is[1]), was[2] - is[2]);
        }
    }

    private static byte node(int at) {
        return (byte) Math.round(at * 255.0 / (NODES - 1));
    }

    /** How a colour is printed.
     *
     * @param rgb as 0xRRGGBB
     * @return red, green and blue from 0 to 255, and how far that is from what it was, as ΔE*ab */
    public double[] of(int rgb) {
        double[] found = new double[4];
        of(rgb, found);
        return found;
    }

    private void of(int rgb, double[] found) {
        double r = (rgb >> 16 & 255) / 255.0 * (NODES - 1);
        double g = (rgb >> 8 & 255) / 255.0 * (NODES - 1);
        double b = (rgb & 255) / 255.0 * (NODES - 1);
        int r0 = Math.min((int) r, NODES - 2);
        int g0 = Math.min((int) g, NODES - 2);
        int b0 = Math.min((int) b, NODES - 2);
        java.util.Arrays.fill(found, 0);
        for (int corner = 0; corner < 8; corner++) {
            int dr = corner >> 2;
            int dg = corner >> 1 & 1;
            int db = corner & 1;
            double share =
                    (dr == 1 ? r - r0 : 1 - r + r0) * (dg == 1 ? g - g0 : 1 - g + g0) * (db == 1 ? b - b0 : 1 - b + b0);
            int at = 4 * (((r0 + dr) * NODES + g0 + dg) * NODES + b0 + db);
            for (int k = 0; k < 4; k++) {
                found[k] += share * grid[at + k];
            }
        }
    }

    /** Whether the press has no colour that looks like it.
     *
     * @param rgb as 0xRRGGBB */
    public boolean isOutOfGamut(int rgb) {
        return of(rgb)[3] > SEEN;
    }

    /** Turns a painted picture into its proof, in place.
     *
     * @param image of the painter's own kind, premultiplied ARGB
     * @return the share of what is painted that is out of the press's gamut, from 0 to 1 */
    public double show(BufferedImage image, Shown shown) {
        if (image.getType() != BufferedImage.TYPE_INT_ARGB_PRE) {
            throw new IllegalArgumentException("another kind of picture: " + image.getType());
        }
        if (shown == Shown.AS_DRAWN) {
            return 0;
        }
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        double[] found = new double[4];
        int before = 0;
        int painted = 0;
        int out = 0;
        for (int i = 0; i < pixels.length; i++) {
            int p = pixels[i];
            int a = p >>> 24;
            if (a == 0) {
                continue;
            }
            int rgb = a == 255 ? p & 0xffffff : straight(p, a);
            if (painted++ == 0 || rgb != before) {
                of(rgb, found);
                before = rgb;
            }
            boolean beyond = found[3] > SEEN;
            out += beyond ? 1 : 0;
            boolean striped = beyond && shown == Shown.MARKED && (i % width + i / width) / STRIPE % 2 == 0;
            pixels[i] = striped ? (light(rgb) ? DARK : LIGHT) : packed(found, a);
        }
        return painted == 0 ? 0 : (double) out / painted;
    }

    private static boolean light(int rgb) {
        return 2 * (rgb >> 16 & 255) + 5 * (rgb >> 8 & 255) + (rgb & 255) > 8 * 110;
    }

    private static int straight(int p, int a) {
        int r = Math.min(255, ((p >> 16 & 255) * 255 + a / 2) / a);
        int g = Math.min(255, ((p >> 8 & 255) * 255 + a / 2) / a);
        int b = Math.min(255, ((p & 255) * 255 + a / 2) / a);
        return r << 16 | g << 8 | b;
    }

    private static int packed(double[] found, int a) {
        int r = (int) Math.round(found[0] * a / 255);
        int g = (int) Math.round(found[1] * a / 255);
        int b = (int) Math.round(found[2] * a / 255);
        return a << 24 | r << 16 | g << 8 | b;
    }
}

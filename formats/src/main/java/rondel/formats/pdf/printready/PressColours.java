package rondel.formats.pdf.printready;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import rondel.formats.pdf.PdfColours;
import rondel.job.Rgba;

/** Colours said in the cyan, magenta, yellow and black of the press that a profile describes, by the JDK's colour management. Black alone stays black
 *  ink alone: of four inks that shift against each other small letters would have coloured edges. */
public final class PressColours implements PdfColours {

    private static final int INKS = 4;

    private final ICC_ColorSpace press;
    private final ColorConvertOp converting;

    /** @param profile of the press, as an ICC profile of four inks */
    public PressColours(byte[] profile) {
        ICC_Profile of = ICC_Profile.getInstance(profile);
        this.press = new ICC_ColorSpace(of);
        this.converting = new ColorConvertOp(new ICC_Profile[] {ICC_Profile.getInstance(ColorSpace.CS_sRGB), of}, null);
    }

    /** The press of the profile that comes along. */
    public static PressColours shipped() {
        return new PressColours(OutputProfile.cmyk());
    }

    float[] inks(Rgba c) {
        if (c.red() == 0 && c.green() == 0 && c.blue() == 0) {
            return new float[] {0, 0, 0, 1};
        }
        if (c.red() == 255 && c.green() == 255 && c.blue() == 255) {
            return new float[INKS];
        }
        return press.fromRGB(new float[] {c.red() / 255f, c.green() / 255f, c.blue() / 255f});
    }

    @Override
    public PDColor solid(Rgba colour) {
        return new PDColor(inks(colour), PDDeviceCMYK.INSTANCE);
    }

    @Override
    public COSName space() {
        return COSName.DEVICECMYK;
    }

    @Override
    public double[] parts(Rgba colour) {
        float[] inks = inks(colour);
        return new double[] {inks[0], inks[1], inks[2], inks[3]};
    }

    @Override
    public Optional<PDImageXObject> picture(PDDocument document, BufferedImage image) throws IOException {
        int w = image.getWidth();
        int h = image.getHeight();
        WritableRaster rgb = Raster.createInterleavedRaster(0, w, h, 3, null);
        byte[] alpha = new byte[w * h];
        boolean clear = false;
        int[] row = new int[w];
        byte[] into = ((DataBufferByte) rgb.getDataBuffer()).getData();
        for (int y = 0; y < h; y++) {
            image.getRGB(0, y, w, 1, row, 0, w);
            for (int x = 0; x < w; x++) {
                int at = y * w + x;
                into[3 * at] = (byte) (row[x] >> 16);
                into[3 * at + 1] = (byte) (row[x] >> 8);
                into[3 * at + 2] = (byte) row[x];
                alpha[at] = (byte) (row[x] >>> 24);
                clear |= row[x] >>> 24 != 255;
            }
        }
        WritableRaster inks = Raster.createInterleavedRaster(0, w, h, INKS, null);
        converting.filter(rgb, inks);
        PDImageXObject picture =
                packed(document, ((DataBufferByte) inks.getDataBuffer()).getData(), w, h, PDDeviceCMYK.INSTANCE);
        if (clear) {
            picture.getCOSObject()
                    .setItem(
                            COSName.SMASK,
                            packed(document, alpha, w, h, PDDeviceGray.INSTANCE).getCOSObject());
        }
        return Optional.of(picture);
    }

    private static PDImageXObject packed(PDDocument document, byte[] bytes, int w, int h, PDColorSpace space)
            throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            out.write(bytes);
        }
        return new PDImageXObject(
                document, new ByteArrayInputStream(packed.toByteArray()), COSName.FLATE_DECODE, w, h, 8, space);
    }
}

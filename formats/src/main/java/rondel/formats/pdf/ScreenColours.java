package rondel.formats.pdf;

import java.awt.image.BufferedImage;
import java.util.Optional;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import rondel.job.Rgba;

/** Colours as they are on the screen. */
public enum ScreenColours implements PdfColours {
    RGB;

    private static final float FULL = 255;

    @Override
    public PDColor solid(Rgba c) {
        return new PDColor(new float[] {c.red() / FULL, c.green() / FULL, c.blue() / FULL}, PDDeviceRGB.INSTANCE);
    }

    @Override
    public COSName space() {
        return COSName.DEVICERGB;
    }

    @Override
    public double[] parts(Rgba c) {
        return new double[] {c.red() / 255.0, c.green() / 255.0, c.blue() / 255.0};
    }

    @Override
    public Optional<PDImageXObject> picture(PDDocument document, BufferedImage image) {
        return Optional.empty();
    }
}

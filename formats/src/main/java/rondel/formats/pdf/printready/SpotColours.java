package rondel.formats.pdf.printready;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import rondel.formats.pdf.PdfColours;
import rondel.job.PrintInks;
import rondel.job.Rgba;

/** Some colours as inks of their own (ISO 32000-1, 8.6.6.4), the others as they are: areas and lines that are just that colour; gradients and
 *  pictures stay what they were. */
final class SpotColours implements PdfColours {

    private final PdfColours others;
    private final Map<Rgba, PDSeparation> inks = new HashMap<>();

    /** @param screen sRGB, for where there are no such inks */
    SpotColours(PdfColours others, List<PrintInks.Spot> spots, COSArray screen) throws IOException {
        this.others = others;
        for (PrintInks.Spot spot : spots) {
            inks.put(
                    spot.colour().withAlpha(255),
                    new Separation(spot.name(), spot.name(), spot.colour(), Optional.empty()).space(screen));
        }
    }

    @Override
    public PDColor solid(Rgba colour) {
        PDSeparation ink = inks.get(colour.withAlpha(255));
        return ink == null ? others.solid(colour) : new PDColor(new float[] {1}, ink);
    }

    @Override
    public COSName space() {
        return others.space();
    }

    @Override
    public double[] parts(Rgba colour) {
        return others.parts(colour);
    }

    @Override
    public Optional<PDImageXObject> picture(PDDocument document, BufferedImage image) throws IOException {
        return others.picture(document, image);
    }
}

package rondel.formats.pdf;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import rondel.job.Rgba;

/** In which colour space colours and pictures go into a PDF. */
public interface PdfColours {

    /** What an area or a line is painted with, see-through or not. */
    PDColor solid(Rgba colour);

    /** The colour space that gradients run in, and in which what is see-through is blended. */
    COSName space();

    /** A colour in that space, each part from 0 to 1. */
    double[] parts(Rgba colour);

    /** A picture in that space; nothing where it goes in as it came. */
    Optional<PDImageXObject> picture(PDDocument document, BufferedImage image) throws IOException;
}

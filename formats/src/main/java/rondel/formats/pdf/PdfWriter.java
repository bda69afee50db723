package rondel.formats.pdf;

import java.io.IOException;
import java.io.OutputStream;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.paint.PictureSource;

/** A page as a PDF of true size: shapes and text as vectors, pictures as they came, TrimBox at the sheet's edge. */
public final class PdfWriter {

    private static final double POINTS_PER_MM = 72 / 25.4;
    /** The longest side that a page has without a larger user unit (ISO 32000-2, annex C). */
    private static final double LONGEST = 14_400;

    private PdfWriter() {}

    public static void write(Page page, PictureSource pictures, OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            double unit = Math.max(1, Math.ceil(Math.max(page.width(), page.height()) * POINTS_PER_MM / LONGEST));
            double scale = POINTS_PER_MM / unit;
            PDRectangle box = new PDRectangle((float) (page.width() * scale), (float) (page.height() * scale));
            PDPage pdf = new PDPage(box);
            pdf.setTrimBox(box);
            pdf.setBleedBox(box);
            if (unit > 1) {
                pdf.getCOSObject().setFloat(COSName.getPDFName("UserUnit"), (float) unit);
            }
            PDTransparencyGroupAttributes blending = new PDTransparencyGroupAttributes();
            blending.getCOSObject().setItem(COSName.CS, COSName.DEVICERGB);
            pdf.getCOSObject().setItem(COSName.GROUP, blending.getCOSObject());
            document.addPage(pdf);
            document.getDocumentInformation().setTitle(page.title());
            document.getDocumentInformation().setProducer("Rondel");
            Affine toPage = new Affine(scale, 0, 0, -scale, 0, page.height() * scale);
            PdfContext context = new PdfContext(document, page, toPage, pictures);
            try (PDPageContentStream content = new PDPageContentStream(document, pdf)) {
                PdfPainter painter = new PdfPainter(context, content, pdf.getResources());
                painter.paper();
                painter.elements(page.elements(), toPage);
            }
            document.save(out);
        }
    }
}

package rondel.formats.pdf;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.paint.PictureSource;
import rondel.progress.Cancellation;

/** A page as a PDF of true size: shapes and text as vectors, pictures as they came, TrimBox at the sheet's edge. */
public final class PdfWriter {

    private static final double POINTS_PER_MM = 72 / 25.4;
    /** The longest side that a page has without a larger user unit (ISO 32000-2, annex C). */
    private static final double LONGEST = 14_400;

    private PdfWriter() {}

    public static void write(Page page, PictureSource pictures, OutputStream out) throws IOException {
        write(List.of(page), pictures, out);
    }

    /** Several pages as one file. */
    public static void write(List<Page> pages, PictureSource pictures, OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(pages.getFirst().title());
            document.getDocumentInformation().setProducer("Rondel");
            into(document, pages, ScreenColours.RGB, pictures);
            sameAgain(document, pages);
            document.save(out);
        }
    }

    /** Gives a document an identity by what it is of, not by when it is made: the same pages make the same file. */
    public static void sameAgain(PDDocument document, List<Page> pages) {
        long id = 17;
        for (Page page : pages) {
            id = 31 * id + page.title().hashCode();
            id = 31 * id + Double.hashCode(page.width()) + 7L * Double.hashCode(page.height());
        }
        document.setDocumentId(id);
    }

    /** Adds pages to a document.
     *
     * @param colours in which their colours go in */
    public static void into(PDDocument document, List<Page> pages, PdfColours colours, PictureSource pictures)
            throws IOException {
        PdfContext file = new PdfContext(document, pages.getFirst(), Affine.IDENTITY, colours, pictures);
        for (Page page : pages) {
            Cancellation.check();
            add(file, page);
        }
    }

    private static void add(PdfContext file, Page page) throws IOException {
        PDDocument document = file.document;
        double unit = Math.max(1, Math.ceil(Math.max(page.width(), page.height()) * POINTS_PER_MM / LONGEST));
        double scale = POINTS_PER_MM / unit;
        PDRectangle box = new PDRectangle((float) (page.width() * scale), (float) (page.height() * scale));
        PDPage pdf = new PDPage(box);
        pdf.setBleedBox(box);
        Affine toPage = new Affine(scale, 0, 0, -scale, 0, page.height() * scale);
        pdf.setTrimBox(page.trim().map(t -> rectangle(t.transformed(toPage))).orElse(box));
        if (unit > 1) {
            pdf.getCOSObject().setFloat(COSName.getPDFName("UserUnit"), (float) unit);
        }
        PDTransparencyGroupAttributes blending = new PDTransparencyGroupAttributes();
        blending.getCOSObject().setItem(COSName.CS, file.colours.space());
        pdf.getCOSObject().setItem(COSName.GROUP, blending.getCOSObject());
        document.addPage(pdf);
        PdfContext context = file.onPage(page, toPage);
        try (PDPageContentStream content = new PDPageContentStream(document, pdf)) {
            PdfPainter painter = new PdfPainter(context, content, pdf.getResources());
            painter.paper();
            painter.elements(page.elements(), toPage);
        }
    }

    private static PDRectangle rectangle(Box b) {
        return new PDRectangle((float) b.x(), (float) b.y(), (float) b.width(), (float) b.height());
    }
}

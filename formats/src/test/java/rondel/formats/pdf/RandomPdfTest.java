package rondel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.formats.Fixtures.page;
import static rondel.formats.Fixtures.svg;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.formats.job.RandomEdits;
import rondel.formats.page.Page;
import rondel.formats.svg.OtherReader;
import rondel.formats.svg.RandomSvg;
import rondel.job.Job;

/** Any drawing looks in a PDF as it does on the sheet. */
class RandomPdfTest {

    private static final int DRAWINGS = 40;
    private static final int JOBS = 7;
    private static final double NEARLY_ALL = 0.02;

    @Test
    void drawingsLookInAPdfAsTheyDoOnTheSheet() throws Exception {
        for (int seed = 2000; seed < 2000 + DRAWINGS; seed++) {
            Page page = page(svg(new RandomSvg(seed).drawing()));
            assertThat(OtherReader.difference(OtherReader.painted(page), rendered(page)))
                    .as("seed %d", seed)
                    .isLessThan(NEARLY_ALL);
        }
    }

    @Test
    void sheetsLookInAPdfAsTheyDoToUsWhateverHasBeenDoneToTheirJob() throws Exception {
        for (int seed = 700; seed < 700 + JOBS; seed++) {
            Job job = new RandomEdits(seed).after(60);
            Page page = Page.ofSheet(job, job.sheets().getFirst().id());
            if (page.width() == page.height()) {
                assertThat(OtherReader.difference(OtherReader.painted(page), rendered(page)))
                        .as("seed %d", seed)
                        .isLessThan(NEARLY_ALL);
            }
        }
    }

    private static BufferedImage rendered(Page page) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(page, Fixtures.PICTURES, out);
        BufferedImage image = new BufferedImage(OtherReader.SIDE, OtherReader.SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setBackground(Color.WHITE);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            float scale = OtherReader.SIDE / pdf.getPage(0).getMediaBox().getWidth();
            new PDFRenderer(pdf).renderPageToGraphics(0, g, scale);
        }
        g.dispose();
        return image;
    }
}

package rondel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.formats.Fixtures;
import rondel.formats.Pictures;
import rondel.formats.page.Page;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;

class PdfWriterTest {

    static List<String> demo() {
        return Fixtures.demoArtwork();
    }

    private static byte[] pdf(Page page) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(page, Fixtures.PICTURES, out);
        return out.toByteArray();
    }

    /** PDFBox's renderer reads the file as anybody's would. */
    private static double differenceFromPainter(Page page) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf(page))) {
            BufferedImage rendered = new PDFRenderer(document).renderImageWithDPI(0, 300, ImageType.ARGB);
            BufferedImage painted = PageRaster.paint(
                    page, new PixelSize(rendered.getWidth(), rendered.getHeight(), 300), Fixtures.PICTURES);
            return Pictures.difference(rendered, painted);
        }
    }

    @ParameterizedTest
    @MethodSource("demo")
    void everyDrawingLooksTheSameInThePdf(String name) throws Exception {
        assertThat(differenceFromPainter(Fixtures.page(Fixtures.demo(name)))).isLessThan(0.01);
    }

    @Test
    void whatLiesBeyondAllFiguresOfAPdfSpoilsNoPage() throws Exception {
        Page page = Fixtures.page(
                Fixtures.drawing(
                        "<clipPath id='c'><path d='M0 0H50V1e300L-1e300 9e299Z'/></clipPath>"
                                + "<rect width='20' height='20' fill='teal' clip-path='url(#c)'/><path d='M5 5L1e250 40Q9 1e200 3 3Z'/>"));
        try (PDDocument document = Loader.loadPDF(pdf(page))) {
            assertThat(new PDFRenderer(document).renderImage(0)).isNotNull();
        }
    }

    @Test
    void gradientsThatFadeRepeatAndReflectTilesClipsAndMasksLookTheSame() throws Exception {
        Page page = Fixtures.page(Fixtures.drawing("<linearGradient id='a' x1='0' x2='.3' spreadMethod='reflect'>"
                + "<stop offset='0' stop-color='red'/><stop offset='1' stop-color='blue' stop-opacity='.2'/>"
                + "</linearGradient><radialGradient id='r' r='.2' spreadMethod='repeat'>"
                + "<stop offset='0' stop-color='#fff'/><stop offset='1' stop-color='#063'/></radialGradient>"
                + "<pattern id='p' width='8' height='8' patternUnits='userSpaceOnUse' patternTransform='rotate(20)'>"
                + "<rect width='4' height='4' fill='teal'/></pattern>"
                + "<clipPath id='c'><circle cx='25' cy='75' r='18'/></clipPath>"
                + "<mask id='m'><rect x='55' y='55' width='40' height='40' fill='url(#g)'/></mask>"
                + "<linearGradient id='g'><stop stop-color='black'/><stop offset='1' stop-color='white'/></linearGradient>"
                + "<rect x='5' y='5' width='40' height='40' fill='url(#a)'/>"
                + "<rect x='55' y='5' width='40' height='40' fill='url(#r)'/>"
                + "<g clip-path='url(#c)' opacity='.6'><rect x='5' y='55' width='40' height='40' fill='url(#p)'/>"
                + "<path d='M5 75h40' stroke='red' stroke-width='4' stroke-dasharray='3 2'/></g>"
                + "<g mask='url(#m)'><rect x='55' y='55' width='40' height='40' fill='purple'/></g>"));
        assertThat(differenceFromPainter(page)).isLessThan(0.01);
    }

    @Test
    void thePageIsTheSheetToTheLastPointAndTheTrimBoxIsSet() throws Exception {
        Page page = new Page("Page", 304.8, 215.9, java.util.Optional.empty(), List.of(), java.util.Map.of());
        try (PDDocument document = Loader.loadPDF(pdf(page))) {
            PDPage pdf = document.getPage(0);
            assertThat(pdf.getMediaBox().getWidth()).isEqualTo(864f);
            assertThat(pdf.getMediaBox().getHeight()).isCloseTo(612f, within(1e-4f));
            assertThat(pdf.getTrimBox().getWidth()).isEqualTo(864f);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Page");
        }
    }
}

package rondel.formats.shadow;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.compose.shadow.SetShadow;
import rondel.compose.sheets.SetSheetSize;
import rondel.formats.Fixtures;
import rondel.formats.Pictures;
import rondel.formats.artwork.Artwork;
import rondel.formats.job.JobFile;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.formats.svg.SvgReader;
import rondel.formats.svg.SvgWriter;
import rondel.gang.copies.CopiesFollow;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.SheetId;

/** Shadows of one size and softness in every file. */
class ShadowFilesTest {

    private static final Shadow SHADOW = new Shadow(4, 50, 5, new Rgba(10, 40, 60, 170));

    @TempDir
    private Path folder;

    private static Job shaded() {
        Job sample = new SetSheetSize(new SheetId("sheet-1"), 160, 60).apply(SampleJob.make());
        return new SetShadow(List.of(new ElementId("leaf"), new ElementId("cluster")), Optional.of(SHADOW))
                .apply(sample);
    }

    private static Page page() {
        Job job = shaded();
        return Page.ofSheet(job, job.sheets().getFirst().id());
    }

    private static BufferedImage png() {
        Page page = page();
        return PageRaster.paint(page, PixelSize.atPpi(page, 150), Fixtures.PICTURES);
    }

    @Test
    void thePdfLooksAsThePicture() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(page(), Fixtures.PICTURES, out);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            BufferedImage rendered = new PDFRenderer(pdf).renderImageWithDPI(0, 150, ImageType.ARGB);
            assertThat(Pictures.difference(rendered, png())).isLessThan(0.005);
        }
    }

    @Test
    void anSvgKeepsTheShadowOutAndIn() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.write(page(), Fixtures.PICTURES, out);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("feGaussianBlur", "data-shadow");
        Artwork back = SvgReader.read(new ByteArrayInputStream(out.toByteArray()), "page.svg", Fixtures.FONTS);
        assertThat(back.findings()).isEmpty();
        List<Element> shaded = back.elements().stream()
                .filter(e -> e.traits().shadow().isPresent())
                .toList();
        assertThat(shaded).hasSize(2).allSatisfy(e -> assertThat(e.traits().shadow())
                .contains(SHADOW));
        Job job = back.asJob();
        Page again = Page.ofSheet(job, job.sheets().getFirst().id());
        assertThat(Pictures.difference(PageRaster.paint(again, PixelSize.atPpi(again, 150), Fixtures.PICTURES), png()))
                .isLessThan(0.002);
    }

    @Test
    void aJobFileKeepsShadowsWindowsClipsPinsAndGuides() {
        Path file = folder.resolve("sample.rondel");
        JobFile.write(shaded(), file, Fixtures.PICTURES);
        assertThat(JobFile.read(file)).isEqualTo(CopiesFollow.shown(shaded()));
    }
}

package rondel.formats.pdf.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.StarShape;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.words.Refusal;

/** Pages of PDF as artwork. */
@Timeout(value = 60, unit = TimeUnit.SECONDS)
class PdfReaderTest {

    private static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);

    private static Element shape(Outline outline, Optional<Stroke> stroke) {
        return new ShapeElement(Traits.named(""), outline, FillRule.NON_ZERO, Paint.solid(SEA), stroke);
    }

    private static byte[] pdf(List<Element> elements) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(new Page("Page", 120, 80, Optional.empty(), elements, Map.of()), Fixtures.PICTURES, out);
        return out.toByteArray();
    }

    private static List<ShapeElement> shapes(List<Element> elements) {
        List<ShapeElement> all = new ArrayList<>();
        elements.forEach(e -> take(e, Affine.IDENTITY, all));
        return all;
    }

    private static void take(Element e, Affine around, List<ShapeElement> all) {
        Affine own = around.times(e.placement());
        if (e instanceof ShapeElement s) {
            all.add(s.withOutline(s.outline().transformed(own)));
        }
        e.children().forEach(c -> take(c, own, all));
    }

    @Test
    void whatWeWriteComesBackWithinAThousandth() throws Exception {
        Outline star = StarShape.regular(7, 0.4, 30).outline().transformed(Affine.translate(12.345, 6.789));
        Outline heart = new HeartShape(20, 18).outline().transformed(Affine.translate(70, 30));
        Artwork read = PdfReader.read(
                pdf(List.of(shape(star, Optional.of(Stroke.plain(SEA, 0.7))), shape(heart, Optional.empty()))),
                "page.pdf",
                1);
        assertThat(read.width()).isCloseTo(120, within(0.001));
        assertThat(read.height()).isCloseTo(80, within(0.001));
        assertThat(read.findings()).isEmpty();
        List<ShapeElement> shapes = shapes(read.elements());
        for (Outline o : List.of(star, heart)) {
            Box box = o.bounds().orElseThrow();
            assertThat(shapes).anySatisfy(s -> {
                Box back = s.outline().bounds().orElseThrow();
                assertThat(back.x()).isCloseTo(box.x(), within(0.001));
                assertThat(back.y()).isCloseTo(box.y(), within(0.001));
                assertThat(back.right()).isCloseTo(box.right(), within(0.001));
                assertThat(back.bottom()).isCloseTo(box.bottom(), within(0.001));
            });
        }
        assertThat(shapes)
                .anySatisfy(s ->
                        assertThat(s.stroke().map(Stroke::width).orElse(0.0)).isCloseTo(0.7, within(0.001)));
        assertThat(shapes).anySatisfy(s -> assertThat(s.fill()).isEqualTo(Paint.solid(SEA)));
    }

    @Test
    void clipsStayAndCanBeLetGo() throws Exception {
        Element clipped = new GroupElement(
                Traits.named("Clipped"),
                List.of(shape(Outline.rectangle(new Box(0, 0, 100, 60)), Optional.empty())),
                Optional.of(new Clip(Outline.rectangle(new Box(20, 20, 30, 10)), FillRule.NON_ZERO)),
                Optional.empty());
        List<Element> read =
                PdfReader.read(pdf(List.of(clipped)), "page.pdf", 1).elements();
        GroupElement group = (GroupElement) read.stream()
                .flatMap(GroupElement::everything)
                .filter(e -> e instanceof GroupElement g && g.clip().isPresent())
                .findFirst()
                .orElseThrow();
        Box clip = group.clip().orElseThrow().outline().bounds().orElseThrow();
        assertThat(clip.width()).isCloseTo(30, within(0.001));
        assertThat(shapes(read).getFirst().outline().bounds().orElseThrow().width())
                .isCloseTo(100, within(0.001));
    }

    @Test
    void textIsOutlinesAndPagesAreChosenByNumber() throws Exception {
        byte[] two;
        try (PDDocument document = new PDDocument()) {
            for (String word : List.of("First", "Second page")) {
                PDPage page = new PDPage(PDRectangle.A6);
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    out.beginText();
                    out.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 24);
                    out.newLineAtOffset(30, 200);
                    out.showText(word);
                    out.endText();
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            two = out.toByteArray();
        }
        Artwork first = PdfReader.read(two, "two.pdf", 1);
        assertThat(first.findings()).extracting(f -> f.code()).contains("pdf.firstPage");
        assertThat(shapes(first.elements())).hasSize(5);
        assertThat(shapes(PdfReader.read(two, "two.pdf", 2).elements())).hasSize(10);
        assertThatThrownBy(() -> PdfReader.read(two, "two.pdf", 3))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no page 3");
    }

    @Test
    void lockedBrokenAndEndlessFilesAreASentenceAndNothingInThemIsRun() throws Exception {
        ByteArrayOutputStream locked = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
            document.save(locked);
        }
        assertThatThrownBy(() -> PdfReader.read(locked.toByteArray(), "locked.pdf", 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("password");

        ByteArrayOutputStream endless = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDFormXObject form = new PDFormXObject(document);
            form.setBBox(new PDRectangle(100, 100));
            form.setResources(new org.apache.pdfbox.pdmodel.PDResources());
            var name = form.getResources().add(form);
            try (var out = form.getContentStream().createOutputStream()) {
                out.write(("/" + name.getName() + " Do 0 0 10 10 re f").getBytes(StandardCharsets.US_ASCII));
            }
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                out.drawForm(form);
            }
            document.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert('no')"));
            document.save(endless);
        }
        Artwork deep = PdfReader.read(endless.toByteArray(), "endless.pdf", 1);
        assertThat(deep.findings()).isNotEmpty();

        byte[] good = pdf(List.of(shape(StarShape.regular(5, 0.5, 30).outline(), Optional.empty())));
        Random random = new Random(9);
        for (int i = 0; i < 150; i++) {
            byte[] bad = good.clone();
            for (int k = 0; k < 1 + i % 8; k++) {
                bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
            }
            try {
                PdfReader.read(
                        java.util.Arrays.copyOf(bad, i % 3 == 0 ? random.nextInt(bad.length) : bad.length),
                        "bad.pdf",
                        1);
            } catch (Refusal e) {
                assertThat(e.getMessage()).contains("bad.pdf");
            }
        }
    }
}

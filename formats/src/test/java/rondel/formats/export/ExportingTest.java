package rondel.formats.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Group;
import rondel.compose.sheets.AddSheet;
import rondel.compose.tryout.MakeTryOut;
import rondel.job.ElementId;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.SheetId;
import rondel.lines.roles.SetRoleLooks;
import rondel.words.Refusal;

class ExportingTest extends CardExports {

    @Test
    void picturesAndPdfHaveWhatIsPrintedAndNoLineThatAToolFollows() throws Exception {
        assertThat(green(picture("a.png", card(ExportFormat.PNG)))).isZero();
        assertThat(green(picture("a.jpg", card(ExportFormat.JPG)))).isZero();
        try (PDDocument pdf = Loader.loadPDF(
                export("a.pdf", card(ExportFormat.PDF)).getFirst().toFile())) {
            assertThat(green(new PDFRenderer(pdf).renderImageWithDPI(0, 150))).isZero();
        }
        assertThat(green(picture("all.png", card(ExportFormat.PNG).withWhat(ExportWhat.ALL))))
                .isPositive();
    }

    @Test
    void aPdfHasItsBleedPaintedAndItsBoxesSaySo() throws Exception {
        try (PDDocument pdf = Loader.loadPDF(
                export("card.pdf", card(ExportFormat.PDF)).getFirst().toFile())) {
            PDPage page = pdf.getPage(0);
            double mm = 25.4 / 72;
            assertThat(page.getMediaBox().getWidth() * mm).isCloseTo(107.6, within(0.01));
            assertThat(page.getBleedBox().getHeight() * mm).isCloseTo(158.4, within(0.01));
            assertThat(page.getTrimBox().getWidth() * mm).isCloseTo(101.6, within(0.01));
            assertThat(page.getTrimBox().getLowerLeftX() * mm).isCloseTo(3, within(0.01));
            BufferedImage seen = new PDFRenderer(pdf).renderImageWithDPI(0, 100);
            assertThat(seen.getRGB(1, 1) & 0xffffff).isEqualTo(0x0000ff);
        }
    }

    @Test
    void linesAlonePrintAloneAndProofsStayInRegisterOnTheWholeSheet() throws Exception {
        String cut = svg("cut.svg", card(ExportFormat.SVG).withWhat(ExportWhat.lines(Role.CUT)));
        String kiss = svg("kiss.svg", card(ExportFormat.SVG).withWhat(ExportWhat.lines(Role.KISS_CUT)));
        String print = svg("print.svg", card(ExportFormat.SVG).withWhat(ExportWhat.PRINT));
        assertThat(cut).contains("id=\"Edge\"").doesNotContain("Around", "id=\"Box\"", "paper", "Ground");
        assertThat(kiss).contains("id=\"Around\"").doesNotContain("Edge", "paper");
        assertThat(print).contains("Ground", "Box", "paper").doesNotContain("Edge", "Around", "Fold");
        assertThat(List.of(cut, kiss, print)).allMatch(s -> s.contains("viewBox=\"0 0 101.6 152.4\""));
        BufferedImage proof = picture("proof.png", card(ExportFormat.PNG).withWhat(ExportWhat.PROOF));
        Rgba score = RoleLook.usual(Role.SCORE).colour();
        int line = score.red() << 16 | score.green() << 8 | score.blue();
        assertThat(java.util.stream.IntStream.range(0, proof.getWidth())
                        .filter(x -> (proof.getRGB(x, 898) & 0xffffff) == line))
                .hasSizeGreaterThan(400);
        String cropped = svg(
                "seen.svg",
                card(ExportFormat.SVG).withWhat(ExportWhat.lines(Role.KISS_CUT)).withFrame(ExportRequest.Frame.SEEN));
        assertThat(cropped).contains("width=\"44.4");
    }

    @Test
    void eachRoleLeavesInAColourAndALayerOfItsOwnThatTheJobCanChange() throws Exception {
        LineLook apart = new LineLook(true, true, true);
        String usual = svg("layers.svg", card(ExportFormat.SVG).withLines(apart));
        assertThat(usual)
                .contains("id=\"Print\"", "id=\"Cut\"", "id=\"Kiss-cut\"", "id=\"Score\"", "stroke-width=\"0.0254\"")
                .contains(RoleLook.usual(Role.CUT).colour().hex())
                .contains(RoleLook.usual(Role.KISS_CUT).colour().hex())
                .doesNotContain(DRAWN.hex(), "id=\"paper\"");
        edit(new SetRoleLooks(List.of(new RoleLook(Role.CUT, new Rgba(1, 2, 3, 255), "Blade"))));
        assertThat(svg("own.svg", card(ExportFormat.SVG).withLines(apart))).contains("id=\"Blade\"", "#010203");
        assertThatThrownBy(() -> edit(new SetRoleLooks(List.of(
                        new RoleLook(Role.CUT, RoleLook.usual(Role.SCORE).colour(), "Blade")))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("same colour");
        assertThat(svg("drawn.svg", card(ExportFormat.SVG).withLines(LineLook.AS_DRAWN)))
                .contains(DRAWN.hex());
    }

    @Test
    void exactPixelsWithTheRestCutOffOrPadded() throws Exception {
        assertThat(pixels("exact.jpg", 1200, 1800, RasterSize.Fit.REFUSE)).containsExactly(1200, 1800);
        assertThat(pixels("crop.png", 1000, 1000, RasterSize.Fit.CROP)).containsExactly(1000, 1000);
        assertThat(pixels("pad.png", 1000, 1000, RasterSize.Fit.PAD)).containsExactly(1000, 1000);
        BufferedImage padded = ImageIO.read(folder.resolve("pad.png").toFile());
        assertThat(padded.getRGB(5, 500)).isEqualTo(0xffffffff);
        assertThat(padded.getRGB(500, 5) & 0xffffff).isEqualTo(0x0000ff);
        assertThat(ImageIO.read(folder.resolve("crop.png").toFile()).getRGB(5, 500) & 0xffffff)
                .isEqualTo(0x0000ff);
        assertThatThrownBy(() -> pixels("no.png", 1000, 1000, RasterSize.Fit.REFUSE))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("1000 x 1500");
    }

    private int[] pixels(String name, int w, int h, RasterSize.Fit fit) throws IOException {
        ExportFormat format = ExportFormat.of(Path.of(name));
        BufferedImage image =
                picture(name, card(format).withSize(new RasterSize(300, OptionalInt.of(w), OptionalInt.of(h), fit)));
        return new int[] {image.getWidth(), image.getHeight()};
    }

    @Test
    void aPngIsTrimmedToWhatCanBeSeen() throws Exception {
        ElementId box = job.everything()
                .filter(e -> e.name().equals("Box"))
                .findFirst()
                .orElseThrow()
                .id();
        BufferedImage seen = picture(
                "trimmed.png", card(ExportFormat.PNG).withOnly(List.of(box)).withFrame(ExportRequest.Frame.SEEN));
        assertThat(seen.getWidth()).isBetween(472, 473);
        assertThat(seen.getRGB(0, 0) >>> 24).isPositive();
        BufferedImage inRegister = picture(
                "register.png",
                card(ExportFormat.PNG)
                        .withOnly(List.of(box))
                        .withFrame(ExportRequest.Frame.SHEET)
                        .withTransparent(true));
        assertThat(inRegister.getWidth()).isEqualTo(1200);
        assertThat(inRegister.getRGB(5, 5) >>> 24).isZero();
        assertThat(inRegister.getRGB(600, 700) & 0xffffff).isEqualTo(0xff0000);
    }

    @Test
    void severalSheetsMakeOnePdfAndElsewhereAFileEach() throws Exception {
        edit(new AddSheet("Back", 101.6, 152.4));
        List<SheetId> both = job.sheets().stream().map(s -> s.id()).toList();
        try (PDDocument pdf =
                Loader.loadPDF(export("both.pdf", card(ExportFormat.PDF).withSheets(both))
                        .getFirst()
                        .toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
        assertThat(export("card.svg", card(ExportFormat.SVG).withSheets(both)))
                .extracting(f -> f.getFileName().toString())
                .containsExactly("card-1.svg", "card-2.svg");
    }

    @Test
    void eachElementAndEachAlternativeGoesToAFileNamedByAPattern() {
        assertThat(export("{n} {name} of {title}.svg", card(ExportFormat.SVG).withEach(ExportRequest.Each.ELEMENT)))
                .extracting(f -> f.getFileName().toString())
                .contains("1 Ground of Tide card.svg", "2 Box of Tide card.svg", "5 Fold of Tide card.svg")
                .hasSize(5);
        List<ElementId> two = job.sheets().getFirst().elements().stream()
                .skip(1)
                .limit(2)
                .map(e -> e.id())
                .toList();
        edit(new MakeTryOut(two, "Looks"));
        assertThat(export("look.png", card(ExportFormat.PNG).withEach(ExportRequest.Each.ALTERNATIVE)))
                .extracting(f -> f.getFileName().toString())
                .containsExactly("look-Box.png", "look-Around.png");
    }

    @Test
    void groupsKeepWhatOfThemIsInAFile() throws Exception {
        List<ElementId> all =
                job.sheets().getFirst().elements().stream().map(e -> e.id()).toList();
        edit(new Group(all, "Card"));
        assertThat(svg("g.svg", card(ExportFormat.SVG).withWhat(ExportWhat.parse("cut, score"))))
                .contains("id=\"Card\"", "Edge", "Fold")
                .doesNotContain("Around");
        assertThatThrownBy(() -> ExportWhat.parse("cutting"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("kiss-cut");
    }
}

package rondel.formats.pdf.printready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.formats.export.PrintReady;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.PrintInks;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** White under the print, inks of their own, and the press's four inks, read by a reader that is not ours. */
class PrintInksTest {

    private static final double POINT = 25.4 / 72;
    private static final Rgba CORAL = new Rgba(220, 90, 70, 255);
    private static final Rgba GOLD = new Rgba(212, 175, 55, 255);

    private static Element box(String id, Box at, Rgba colour) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.rectangle(at),
                FillRule.NON_ZERO,
                Paint.solid(colour),
                Optional.empty());
    }

    private static PDDocument written(PrintInks inks) throws Exception {
        Job job = Job.blank("Clear stickers", LengthUnit.MM, 100, 60);
        job = job.withSheets(List.of(job.sheets()
                .getFirst()
                .withElements(List.of(
                        box("art", new Box(10, 10, 30, 40), CORAL),
                        box("foil", new Box(50, 10, 20, 20), GOLD),
                        box("letters", new Box(80, 10, 5, 5), Rgba.BLACK),
                        box("faded", new Box(50, 40, 10, 10), CORAL).with(t -> t.withOpacity(0.5))))));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PrintReady(job, List.of(job.sheets().getFirst().id()), Map.of(), inks)
                .write(Fixtures.PICTURES, ZonedDateTime.of(2026, 3, 1, 12, 0, 0, 0, ZoneOffset.UTC), out);
        return Loader.loadPDF(out.toByteArray());
    }

    /** What is filled: in which colour space, with which parts of it, and the first place of its path. */
    private record Fill(String space, List<Double> parts, double x, double y) {}

    private static List<Fill> fills(PDPage page) throws Exception {
        List<Fill> all = new ArrayList<>();
        List<Object> operands = new ArrayList<>();
        String space = "";
        List<Double> parts = List.of();
        double x = 0;
        double y = 0;
        for (Object token : new PDFStreamParser(page).parse()) {
            if (!(token instanceof Operator operator)) {
                operands.add(token);
                continue;
            }
            List<Double> numbers = operands.stream()
                    .filter(COSNumber.class::isInstance)
                    .map(n -> (double) ((COSNumber) n).floatValue())
                    .toList();
            switch (operator.getName()) {
                case "cs" -> space = ((COSName) operands.getFirst()).getName();
                case "sc", "scn" -> parts = numbers;
                case "rg", "k" -> {
                    space = operator.getName();
                    parts = numbers;
                }
                case "m" -> {
                    x = numbers.get(0) * POINT;
                    y = numbers.get(1) * POINT;
                }
                case "f", "f*" -> {
                    boolean named =
                            page.getResources().getColorSpace(COSName.getPDFName(space)) instanceof PDSeparation;
                    String ink = named
                            ? ((PDSeparation) page.getResources().getColorSpace(COSName.getPDFName(space)))
                                    .getColorantName()
                            : space;
                    all.add(new Fill(ink, parts, x, y));
                }
                default -> {}
            }
            operands.clear();
        }
        return all;
    }

    @Test
    void whiteLiesUnderAllThatIsPrintedALittleInside() throws Exception {
        try (PDDocument document = written(PrintInks.USUAL.withWhite(Optional.of("White ink")))) {
            PDPage page = document.getPage(0);
            List<Fill> white = fills(page).stream()
                    .filter(f -> f.space().equals("White ink"))
                    .toList();
            assertThat(white).hasSize(1);
            assertThat(fills(page)).last().isEqualTo(white.getFirst());
            double x = white.getFirst().x();
            double inside = DoubleStream.of(10, 40, 50, 60, 70, 80, 85)
                    .map(edge -> Math.abs(x - edge))
                    .min()
                    .orElseThrow();
            assertThat(inside).isCloseTo(0.15, within(0.01));
            var group = document.getDocumentCatalog()
                    .getOCProperties()
                    .getOptionalContentGroups()
                    .iterator()
                    .next();
            assertThat(group.getCOSObject()
                            .getCOSDictionary(COSName.getPDFName("GTS_Metadata"))
                            .getNameAsString("GTS_ProcStepsGroup"))
                    .isEqualTo("White");
            // Paper shows through: none is printed.
            assertThat(fills(page)).hasSize(5);
        }
    }

    @Test
    void aColourIsAnInkOfItsOwn() throws Exception {
        try (PDDocument document = written(PrintInks.USUAL.withSpots(PrintInks.spots("#d4af37 = Gold foil")))) {
            List<Fill> fills = fills(document.getPage(0));
            assertThat(fills)
                    .filteredOn(f -> f.space().equals("Gold foil"))
                    .singleElement()
                    .satisfies(f -> assertThat(f.x()).isCloseTo(50, within(0.01)));
        }
        assertThatThrownBy(() -> PrintInks.spots("gold")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PrintInks.spots("#d4af37=Cyan")).hasMessageContaining("Cyan");
        assertThatThrownBy(() -> PrintInks.USUAL.withSpots(PrintInks.spots("#000000=A,#ffffff=A")))
                .hasMessageContaining("Two inks");
    }

    @Test
    void convertedColoursAreThePressFourInksAndBlackIsBlackAlone() throws Exception {
        try (PDDocument document = written(PrintInks.USUAL.converted(true))) {
            PDPage page = document.getPage(0);
            List<Fill> fills = fills(page);
            assertThat(fills).allSatisfy(f -> assertThat(f.parts()).hasSize(4));
            Fill black = fills.stream()
                    .filter(f -> Math.abs(f.x() - 80) < 0.01)
                    .findFirst()
                    .orElseThrow();
            assertThat(black.parts()).containsExactly(0.0, 0.0, 0.0, 1.0);
            Fill coral = fills.stream()
                    .filter(f -> Math.abs(f.x() - 10) < 0.01)
                    .findFirst()
                    .orElseThrow();
            // Coral has next to no cyan, and much magenta and yellow.
            assertThat(coral.parts().get(0)).isLessThan(0.15);
            assertThat(coral.parts().get(1)).isBetween(0.6, 0.9);
            assertThat(coral.parts().get(2)).isBetween(0.5, 0.9);
            assertThat(page.getCOSObject().getCOSDictionary(COSName.GROUP).getNameAsString(COSName.CS))
                    .isEqualTo("DeviceCMYK");
        }
    }

    @Test
    void aPictureIsConvertedPixelByPixelAndKeepsWhatIsClear() throws Exception {
        BufferedImage image = new BufferedImage(3, 1, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, 0xffffffff);
        image.setRGB(1, 0, 0xff00a0e0);
        image.setRGB(2, 0, 0x00ffffff);
        try (PDDocument document = new PDDocument()) {
            PDImageXObject picture =
                    PressColours.shipped().picture(document, image).orElseThrow();
            byte[] inks = picture.createInputStream().readAllBytes();
            assertThat(inks).hasSize(12);
            assertThat(inks[0] & 255).isLessThan(3);
            assertThat(inks[4] & 255).isGreaterThan(180);
            assertThat(inks[6] & 255).isLessThan(60);
            assertThat(picture.getSoftMask().createInputStream().readAllBytes())
                    .containsExactly((byte) 255, (byte) 255, (byte) 0);
        }
    }
}

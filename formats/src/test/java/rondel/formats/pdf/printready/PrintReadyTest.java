package rondel.formats.pdf.printready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
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
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** What a print shop gets, read by a reader that is not ours. */
class PrintReadyTest {

    private static final double POINT = 25.4 / 72;

    private static Element shape(String id, Box box, Role role) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(role),
                Outline.rectangle(box),
                FillRule.NON_ZERO,
                role == Role.PRINT ? Paint.solid(new Rgba(200, 80, 60, 255)) : Paint.NONE,
                role == Role.PRINT ? Optional.empty() : Optional.of(Stroke.plain(new Rgba(255, 0, 0, 255), 0.25)));
    }

    private static Job job() {
        Job job = Job.blank("Stickers & tags", LengthUnit.MM, 100, 60);
        Sheet sheet = job.sheets()
                .getFirst()
                .withMargins(3, 4)
                .withElements(List.of(
                        shape("art", new Box(-3, -3, 106, 66), Role.PRINT),
                        shape("faded", new Box(10, 10, 20, 20), Role.PRINT).with(t -> t.withOpacity(0.5)),
                        shape("die", new Box(5, 5, 90, 50), Role.CUT),
                        shape("kiss", new Box(10, 10, 30, 30), Role.KISS_CUT),
                        shape("fold", new Box(50, 10, 0.1, 40), Role.SCORE)));
        return job.withSheets(List.of(sheet));
    }

    private static PDDocument written(Map<Role, String> inks) throws Exception {
        Job job = job();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PrintReady(job, List.of(job.sheets().getFirst().id()), inks, PrintInks.USUAL)
                .write(Fixtures.PICTURES, ZonedDateTime.of(2026, 3, 1, 12, 0, 0, 0, ZoneOffset.UTC), out);
        return Loader.loadPDF(out.toByteArray());
    }

    @Test
    void boxesAreExactAndTheOutputIntentHasAPressProfile() throws Exception {
        try (PDDocument document = written(Map.of())) {
            PDPage page = document.getPage(0);
            assertThat(page.getMediaBox().getWidth() * POINT).isCloseTo(106, within(0.001));
            assertThat(page.getBleedBox().getWidth() * POINT).isCloseTo(106, within(0.001));
            assertThat(page.getTrimBox().getLowerLeftX() * POINT).isCloseTo(3, within(0.001));
            assertThat(page.getTrimBox().getWidth() * POINT).isCloseTo(100, within(0.001));
            assertThat(page.getTrimBox().getHeight() * POINT).isCloseTo(60, within(0.001));
            COSDictionary intent = (COSDictionary) document.getDocumentCatalog()
                    .getCOSObject()
                    .getCOSArray(COSName.OUTPUT_INTENTS)
                    .getObject(0);
            assertThat(intent.getNameAsString(COSName.S)).isEqualTo("GTS_PDFX");
            COSStream profile = intent.getCOSStream(COSName.getPDFName("DestOutputProfile"));
            ICC_Profile icc = ICC_Profile.getInstance(profile.createInputStream());
            assertThat(icc.getNumComponents()).isEqualTo(4);
            assertThat(icc.getProfileClass()).isEqualTo(ICC_Profile.CLASS_OUTPUT);
        }
    }

    @Test
    void itSaysThatItIsPdfX4InBothPlaces() throws Exception {
        try (PDDocument document = written(Map.of())) {
            String xmp = new String(document.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8);
            assertThat(xmp)
                    .contains("<pdfxid:GTS_PDFXVersion>PDF/X-4</pdfxid:GTS_PDFXVersion>")
                    .contains("Stickers &amp; tags")
                    .contains("<xmp:ModifyDate>2026-03-01T12:00:00Z</xmp:ModifyDate>");
            assertThat(document.getDocumentInformation().getTrapped()).isEqualTo("False");
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Stickers & tags");
            assertThat(document.isEncrypted()).isFalse();
            assertThat(document.getVersion()).isEqualTo(1.6f);
            assertThat(document.getDocument().getTrailer().getCOSArray(COSName.ID))
                    .isNotNull();
        }
    }

    @Test
    void eachRoleHasAnInkThatOverprintsInALayerThatSaysWhatIsDone() throws Exception {
        try (PDDocument document = written(Map.of(Role.CUT, "Knife"))) {
            PDPage page = document.getPage(0);
            Set<String> inks = new TreeSet<>();
            for (COSName name : page.getResources().getColorSpaceNames()) {
                if (page.getResources().getColorSpace(name) instanceof PDSeparation s) {
                    inks.add(s.getColorantName());
                }
            }
            assertThat(inks).containsExactlyInAnyOrder("Knife", "Kiss cut", "Score");
            List<String> steps = new ArrayList<>();
            document.getDocumentCatalog()
                    .getOCProperties()
                    .getOptionalContentGroups()
                    .forEach(g -> steps.add(g.getName()
                            + ": "
                            + g.getCOSObject()
                                    .getCOSDictionary(COSName.getPDFName("GTS_Metadata"))
                                    .getNameAsString("GTS_ProcStepsType")));
            assertThat(steps).containsExactlyInAnyOrder("Cut: Cutting", "Kiss cut: PartialCutting", "Score: Creasing");
            page.getResources().getExtGStateNames().forEach(n -> {
                COSDictionary state = page.getResources().getExtGState(n).getCOSObject();
                if (state.containsKey("OP")) {
                    assertThat(state.getBoolean("OP", false)).isTrue();
                    assertThat(state.getBoolean("op", false)).isTrue();
                    assertThat(state.getInt("OPM")).isEqualTo(1);
                }
            });
        }
    }

    /** Between the beginning and the end of a layer all is drawn in its ink, and nothing is outside. */
    @Test
    void linesAreOnlyInTheirOwnLayerAndInk() throws Exception {
        try (PDDocument document = written(Map.of())) {
            PDPage page = document.getPage(0);
            int depth = 0;
            String ink = "";
            int inside = 0;
            int outside = 0;
            List<Object> operands = new ArrayList<>();
            for (Object token : new PDFStreamParser(page).parse()) {
                if (!(token instanceof Operator operator)) {
                    operands.add(token);
                    continue;
                }
                switch (operator.getName()) {
                    case "BDC" -> depth++;
                    case "EMC" -> depth--;
                    case "CS" -> ink = ((COSName) operands.getFirst()).getName();
                    case "S" -> {
                        if (depth > 0) {
                            inside++;
                            assertThat(page.getResources().getColorSpace(COSName.getPDFName(ink)))
                                    .isInstanceOf(PDSeparation.class);
                        } else {
                            outside++;
                        }
                    }
                    default -> {}
                }
                operands.clear();
            }
            assertThat(inside).isEqualTo(3);
            assertThat(outside).isZero();
        }
    }

    @Test
    void allRgbIsTaggedWhereverItIs() throws Exception {
        try (PDDocument document = written(Map.of())) {
            for (COSBase base : document.getDocument().getObjectsByType(COSName.XOBJECT).stream()
                    .map(o -> o.getObject())
                    .toList()) {
                COSDictionary resources = base instanceof COSStream s ? s.getCOSDictionary(COSName.RESOURCES) : null;
                if (resources != null) {
                    assertThat(resources.getCOSDictionary(COSName.COLORSPACE).containsKey("DefaultRGB"))
                            .isTrue();
                }
            }
            COSDictionary page = document.getPage(0).getResources().getCOSObject();
            assertThat(page.getCOSDictionary(COSName.COLORSPACE).containsKey("DefaultRGB"))
                    .isTrue();
        }
    }
}

package rondel.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.formats.page.Page;
import rondel.formats.png.PixelSize;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.recipe.Recipe;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Checks;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** What hung, crashed or blocked once: each ends in finished files with a finding, or in a sentence, and soon. */
@Timeout(60)
class HostileFilesTest {

    private static final String SVG =
            "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' height='50mm' viewBox='0 0 50 50'>";

    @TempDir
    private Path folder;

    private Artwork read(String content) throws IOException {
        return new ArtworkReader(Fixtures.FONTS)
                .read(Files.writeString(folder.resolve("drawing.svg"), SVG + content + "</svg>"));
    }

    /** Placed, saved and read again as it was. */
    private Job placed(Artwork artwork) {
        Job blank = Job.blank("x", LengthUnit.MM, 60, 60);
        Job job = WhatFollows.editing()
                .apply(
                        ArtworkPlacement.CENTRED
                                .onto(blank.sheets().getFirst(), artwork)
                                .operation(),
                        blank);
        return saved(job);
    }

    private Job saved(Job job) {
        Path file = folder.resolve("saved.rondel");
        JobFile.write(job, file, Fixtures.PICTURES);
        Job again = JobFile.read(file);
        assertThat(again).isEqualTo(job);
        return again;
    }

    private List<Finding> exported(Job job, ExportFormat format) {
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        PixelSize size = format.ofPixels() ? PixelSize.ofWidth(page, 300) : new PixelSize(1, 1, 72);
        Path file = folder.resolve("out." + format.extension());
        List<Finding> found = format.write(page, size, Fixtures.PICTURES, file, Replacing.ANYTHING);
        assertThat(file).isNotEmptyFile();
        return found;
    }

    private void goesOut(String content) throws IOException {
        Job job = placed(read(content));
        for (ExportFormat format : ExportFormat.values()) {
            assertThat(exported(job, format)).as(format.name()).isEmpty();
        }
    }

    @Test
    void dashesFinerThanAnythingAreATint() throws Exception {
        goesOut("<path d='M0 5H50' stroke='#000' stroke-dasharray='1e-9'/>");
        goesOut("<path d='M0 5H50' stroke='#000' stroke-dasharray='1e-300 3e-300'/>");
    }

    @Test
    void groupsOfNoSizeAndSheetsLikeAHairAreSaved() throws Exception {
        goesOut("<g transform='scale(0)'><rect width='9' height='9' stroke='#000'/></g>");
        saved(Job.blank("hair", LengthUnit.MM, 0.01, 5000));
        saved(Job.blank("hair", LengthUnit.MM, 5000, 0.01));
    }

    @Test
    void whatIsTooMuchHasAMarkedBoxInItsPlaceAndAFinding() throws Exception {
        Random random = new Random(1);
        StringBuilder tangle = new StringBuilder("M0 0");
        for (int i = 0; i < 60_000; i++) {
            tangle.append('L').append(random.nextInt(50)).append(' ').append(random.nextInt(50));
        }
        for (String content : List.of(
                "<path d='M1e300 3L9 9' stroke='#000'/>",
                "<path d='" + tangle + "' stroke='#000'/>",
                "<path d='M0 0H1000000' stroke='#000' stroke-width='9' stroke-dasharray='.9'/>")) {
            Job job = placed(read(content + "<rect x='20' y='20' width='9' height='9'/>"));
            for (ExportFormat format : List.of(ExportFormat.PNG, ExportFormat.PDF)) {
                assertThat(exported(job, format)).as(format.name()).hasSize(1);
            }
            assertThat(Checks.of(new Checked(job, Fixtures.FONTS.get(), Limits.USUAL)))
                    .anySatisfy(f -> assertThat(f.code()).isEqualTo("unpaintable"));
        }
    }

    @Test
    void aPathOfAMillionSegmentsIsReadInTimeForItsLength() throws Exception {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < 400_000; i++) {
            path.append("l.001 .001");
        }
        assertThat(read("<path d='" + path + "'/>").elements()).hasSize(1);
    }

    @Test
    void masksInMasksEndInAFinding() throws Exception {
        StringBuilder masks = new StringBuilder();
        String drawing = "<rect width='50' height='50'/>";
        for (int i = 0; i < 40; i++) {
            masks.append("<mask id='m%d'><rect width='50' height='50' fill='#fff' mask='url(#m%d)'/></mask>"
                    .formatted(i, i - 1));
            drawing = "<g mask='url(#m" + i + ")'>" + drawing + "</g>";
        }
        Job job = placed(read(masks + drawing));
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        assertThat(ExportFormat.PNG.write(
                        page,
                        PixelSize.ofWidth(page, 2400),
                        Fixtures.PICTURES,
                        folder.resolve("m.png"),
                        Replacing.ANYTHING))
                .hasSize(1);
    }

    @Test
    void groupsNestAsDeepAsOneSaysAndNoDeeper() throws Exception {
        String open = "<g opacity='.99'>";
        goesOut(open.repeat(200) + "<rect width='9' height='9'/>" + "</g>".repeat(200));
        Job deep = placed(read(open.repeat(390) + "<rect width='9' height='9'/>" + "</g>".repeat(390)));
        exported(deep, ExportFormat.PNG);
        assertThatThrownBy(() -> read(open.repeat(500) + "</g>".repeat(500)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("400");
        Element nest = deep.sheets().getFirst().elements().getFirst();
        for (int i = 0; i < 200; i++) {
            nest = GroupElement.of(Traits.named("").withId(new ElementId("g" + i)), List.of(nest));
        }
        Element nested = nest;
        Job deeper = deep.withSheet(deep.sheets().getFirst().id(), s -> s.withElements(List.of(nested)));
        Path file = folder.resolve("deeper.rondel");
        assertThatThrownBy(() -> {
                    JobFile.write(deeper, file, Fixtures.PICTURES);
                    JobFile.read(file);
                })
                .isInstanceOf(Refusal.class);
    }

    @Test
    void dashOffsetsStayAndNegativeDashesAreNamed() throws Exception {
        Job job = placed(read("<path d='M6 1L9 9' style='stroke:#000;stroke-dashoffset:1'/>"));
        Stroke stroke = job.everything()
                .flatMap(e -> e instanceof ShapeElement s ? s.stroke().stream() : java.util.stream.Stream.empty())
                .findFirst()
                .orElseThrow();
        assertThat(stroke.dashOffset()).isPositive();
        OperationJson json = new OperationJson(MediaStore.inline());
        assertThatThrownBy(() -> json.read(new ObjectMapper()
                        .readTree("{\"operation\":\"set-stroke\",\"elements\":[\"a\"],\"stroke\":{\"paint\":\"none\","
                                + "\"width\":1,\"dashes\":[-1]}}")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("dash");
    }

    @Test
    void aHaloLineMadeAWindowIsNoHaloAnyMore() throws Exception {
        Path recipe = Files.writeString(
                folder.resolve("recipe.json"),
                "[{\"operation\":\"make-windows\",\"elements\":[\"spark\",\"rim\"],\"fit\":\"fill\"},"
                        + "{\"operation\":\"recolour\",\"elements\":[],\"from\":\"#1f6f6b\",\"to\":\"#e2725b\",\"tolerance\":0.02}]");
        Job job = Recipe.read(recipe).apply(WhatFollows.editing(), SampleJob.make());
        assertThat(job.located(new ElementId("rim")).element().kind()).isEqualTo("window");
    }

    @Test
    void bracketsWithoutEndAreNoLengthAndNoRecipe() throws Exception {
        assertThatThrownBy(() -> LengthParser.mm("(".repeat(100_000), LengthUnit.MM))
                .isInstanceOf(Refusal.class)
                .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(300));
        assertThatThrownBy(() -> LengthParser.mm("-".repeat(100_000) + "1", LengthUnit.MM))
                .isInstanceOf(Refusal.class);
        Path recipe = Files.writeString(folder.resolve("deep.json"), "[".repeat(100_000));
        assertThatThrownBy(() -> Recipe.read(recipe)).isInstanceOf(Refusal.class);
    }

    @Test
    void namesWithoutMeaningInXmlAreLeftOutOfIt() throws Exception {
        Job job = placed(read("<rect width='9' height='9'/>")).withTitle("a\ufffeb\u0001c\ud800d");
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        Path file = folder.resolve("page.svg");
        ExportFormat.SVG.write(page, new PixelSize(1, 1, 72), Fixtures.PICTURES, file, Replacing.ANYTHING);
        assertThat(DocumentBuilderFactory.newDefaultInstance()
                        .newDocumentBuilder()
                        .parse(file.toFile()))
                .isNotNull();
    }

    @Test
    void twoElementsOfOneNameAreRefused() {
        Job job = SampleJob.make();
        Element leaf = job.located(new ElementId("leaf")).element();
        Job twice = job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(List.of(leaf, leaf)));
        Path file = folder.resolve("twice.rondel");
        JobFile.write(twice, file, Fixtures.PICTURES);
        assertThatThrownBy(() -> JobFile.read(file)).hasMessageContaining("leaf");
    }

    @Test
    void aDamagedPictureIsRefusedWhenItIsPlaced() throws Exception {
        Path demo = folder.resolve("wash.png");
        try (var in = getClass().getResourceAsStream("/rondel/demo/artwork/pictures/sea-wash.png")) {
            byte[] bytes = Optional.ofNullable(in).orElseThrow().readAllBytes();
            bytes[bytes.length / 2] ^= 4;
            Files.write(demo, bytes);
        }
        assertThatThrownBy(() -> new ArtworkReader(Fixtures.FONTS).read(demo))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("damaged");
    }
}

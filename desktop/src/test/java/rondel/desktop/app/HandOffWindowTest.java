package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipFile;
import javafx.scene.Node;
import javafx.scene.control.Accordion;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.reading.OpenQuestions;
import rondel.formats.reading.ReadingChoice;
import rondel.geometry.Affine;
import rondel.handoff.ledger.LedgerEntry;
import rondel.handoff.sets.ShippedSets;
import rondel.job.Extent;
import rondel.job.HandOffOutput;
import rondel.job.HandOffSet;
import rondel.units.LengthUnit;

/** The Hand off stage as a person uses it. */
class HandOffWindowTest extends BenchFixture {

    @TempDir
    Path folder;

    private String said(String id) {
        return lookup(id).<Label>query().getText();
    }

    private void openSet(String demo, String set) throws Exception {
        openDemo(demo);
        run("stageHandOff");
        onFx(() -> window.handOff().model().choose(set));
        calm();
    }

    private List<String> made() throws Exception {
        try (var all = Files.list(folder.resolve("out"))) {
            return all.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aSetShowsItsFilesAndOnePressMakesThem() throws Exception {
        openSet("sticker-sheet", ShippedSets.SHOP_LISTING);
        assertThat(said("#handoff-title")).isEqualTo("Shop listing");
        assertThat(said("#handoff-summary")).startsWith("21 files, about ");
        assertThat(lookup(".file-card").queryAll()).hasSize(21);

        answers.handOffTarget = folder.resolve("out");
        clickOn("#handoff-make");
        calm();
        assertThat(made())
                .hasSize(21)
                .contains("Sticker sheet-1-picture.jpg", "Sticker sheet-1-octopus.png", "Sticker sheet-contents.pdf");
        BufferedImage picture =
                ImageIO.read(folder.resolve("out/Sticker sheet-1-picture.jpg").toFile());
        assertThat(List.of(picture.getWidth(), picture.getHeight())).containsExactly(2000, 2000);
        var times = Files.getLastModifiedTime(folder.resolve("out/Sticker sheet-1.svg"));
        clickOn("#handoff-make");
        calm();
        assertThat(Files.getLastModifiedTime(folder.resolve("out/Sticker sheet-1.svg")))
                .isEqualTo(times);

        answers.handOffTarget = folder.resolve("listing.zip");
        clickOn("#handoff-zip");
        calm();
        try (ZipFile zip = new ZipFile(folder.resolve("listing.zip").toFile())) {
            assertThat(zip.size()).isEqualTo(21);
        }
    }

    @Test
    void whatIsNotKnownIsAskedAboutBeforeItIsSold() throws Exception {
        openSet("photo-stickers", ShippedSets.SHOP_LISTING);
        assertThat(said("#handoff-held")).startsWith("One thing in it is for personal use only or not known");
        answers.handOffTarget = folder.resolve("out");
        clickOn("#handoff-make");
        calm();
        assertThat(answers.held).extracting(LedgerEntry::thing).containsExactly("beach-finds");
        assertThat(folder.resolve("out")).doesNotExist();

        answers.mayBeSold = true;
        clickOn("#handoff-make");
        calm();
        assertThat(made()).contains("Photo stickers-1-pieces.jpg");
    }

    @Test
    void aSetOfTheJobsOwnIsMadeChangedAndTakenOff() throws Exception {
        openSet("sticker-sheet", "Cutting machine");
        answers.handOffSet = Optional.of(like -> new HandOffSet(
                "Market stall",
                false,
                List.of(
                        HandOffOutput.of("{job}.pdf", HandOffOutput.What.PRINT),
                        HandOffOutput.of("{job}-names.png", HandOffOutput.What.NAMED_PIECES)
                                .wide(600)
                                .marked(Optional.of("Saltmarsh")))));
        run("newSet");
        calm();
        assertThat(said("#handoff-title")).isEqualTo("Market stall");
        assertThat(said("#handoff-summary")).startsWith("2 files");
        run("removeSet");
        calm();
        assertThat(bench.job().handOff()).extracting(HandOffSet::name).containsExactly("Low tide listing");
        run("undo");
        calm();
        assertThat(bench.job().handOff()).extracting(HandOffSet::name).contains("Market stall");
    }

    @Test
    void aSetIsPublishedInTheShopThatComesAlong() throws Exception {
        openSet("tide-card", ShippedSets.SHOP_LISTING);
        onFx(() -> {
            Accordion parts = lookup("#handoff-parts").query();
            parts.setExpandedPane(parts.getPanes().getLast());
        });
        calm();
        onFx(() -> lookup("#shop-price").<TextField>query().setText("4.50"));
        answers.mayBeSold = true;
        onFx(() -> lookup("#shop-publish").<javafx.scene.control.Button>query().fire());
        calm();
        String said = said("#shop-said");
        assertThat(said).startsWith("Published, with ");
        URI page = URI.create(said.substring(said.indexOf("http")));
        String shown = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(page).build(), HttpResponse.BodyHandlers.ofString())
                .body();
        assertThat(shown).contains("Tide card").contains("4.50");
        assertThat(lookup("#handoff-right").<Node>query().isVisible()).isTrue();
    }

    @Test
    void aDrawingThatDoesNotSayItsUnitIsAskedFor() throws Exception {
        Path drawing = Files.writeString(
                folder.resolve("plan.dxf"),
                String.join(
                        "\n",
                        "0",
                        "SECTION",
                        "2",
                        "ENTITIES",
                        "0",
                        "CIRCLE",
                        "8",
                        "Cut",
                        "10",
                        "1",
                        "20",
                        "1",
                        "40",
                        "0.5",
                        "0",
                        "ENDSEC",
                        "0",
                        "EOF",
                        ""));
        answers.artwork = List.of(drawing);
        answers.reading = Optional.of(new ReadingChoice(1, Optional.of(LengthUnit.IN)));
        int before = bench.sheet().elements().size();
        run("place");
        calm();
        assertThat(answers.open).isEqualTo(new OpenQuestions(1, true));
        assertThat(bench.sheet().elements()).hasSize(before + 1);
        assertThat(Extent.of(bench.sheet().elements().getLast(), Affine.IDENTITY)
                        .orElseThrow()
                        .width())
                .isCloseTo(25.4, within(0.001));
    }
}

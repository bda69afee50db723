package rondel.formats.handoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.formats.job.JobFile;
import rondel.handoff.sets.ShippedSets;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.Each;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.words.Refusal;

/** What a set will be is known before it is made, and is what comes out. */
class HandOffPlanTest {

    private static final ZonedDateTime NOW = ZonedDateTime.of(2026, 11, 29, 0, 0, 0, 0, ZoneOffset.UTC);

    @TempDir
    Path folder;

    private Job demo(String name) throws Exception {
        Path file = folder.resolve(name + ".rondel");
        if (!Files.exists(file)) {
            Files.write(file, Fixtures.resource("/rondel/demo/jobs/" + name + ".rondel"));
        }
        return JobFile.read(file);
    }

    private static List<PlannedFile> plan(Job job, HandOffSet set) {
        return HandOffPlan.of(job, set, Fixtures.PICTURES, Fixtures.FONTS.get(), NOW);
    }

    private static byte[] bytes(PlannedFile file) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        file.content().write(out);
        return out.toByteArray();
    }

    private static HandOffSet of(HandOffOutput... outputs) {
        return new HandOffSet("test", false, List.of(outputs));
    }

    @Test
    void everyShippedSetIsPlannedAndMadeOfTheStickerSheet() throws Exception {
        Job job = demo("sticker-sheet");
        for (HandOffSet set : ShippedSets.ALL) {
            List<PlannedFile> files = plan(job, set);
            assertThat(files).as(set.name()).isNotEmpty();
            for (PlannedFile f : files) {
                FileLook look = FileLook.of(f, 120, Fixtures.PICTURES);
                byte[] made = bytes(f);
                assertThat(look.picture().isPresent() || !look.words().isBlank())
                        .isTrue();
                // Guessed for pixels, exact for the rest; what says when it was made is written anew each time.
                double off = f.pixels().isPresent() ? 0.6 : 0.001;
                assertThat((double) look.bytes()).as(f.name()).isCloseTo(made.length, within(off * made.length));
            }
        }
    }

    @Test
    void eachPieceIsAPictureCutOffAtItsEdge() throws Exception {
        List<PlannedFile> pieces = plan(
                demo("sticker-sheet"),
                of(HandOffOutput.of("{n}-{name}.png", What.PRINT)
                        .each(Each.PIECE)
                        .withoutPaper()));
        assertThat(pieces).hasSize(13);
        assertThat(pieces)
                .extracting(PlannedFile::name)
                .contains("1-octopus.png", "12-message-bottle.png", "13-Low tide.png");
        PlannedFile octopus = pieces.getFirst();
        // The halo of the octopus is 37.37 x 35.31 mm.
        assertThat(octopus.pages().getFirst().width()).isCloseTo(37.36, within(0.01));
        assertThat(octopus.pages().getFirst().height()).isCloseTo(35.31, within(0.01));
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes(octopus)));
        assertThat(image.getRGB(0, 0) >>> 24).isZero();
        assertThat(image.getRGB(image.getWidth() / 2, image.getHeight() / 2) >>> 24)
                .isEqualTo(255);
    }

    @Test
    void aHaloOfSeveralContoursIsSeveralPiecesOfOnePicture() throws Exception {
        List<PlannedFile> pieces = plan(
                demo("photo-stickers"),
                of(HandOffOutput.of("{n}.png", What.PRINT).each(Each.PIECE)));
        assertThat(pieces).hasSize(2);
        assertThat(pieces.getFirst().pages().getFirst().width())
                .isLessThan(60)
                .isNotEqualTo(pieces.getLast().pages().getFirst().width());
    }

    @Test
    void listingPicturesAreSquareAndAWatermarkLiesOverThem() throws Exception {
        Job job = demo("sticker-sheet");
        HandOffOutput plain = HandOffOutput.of("a.png", What.ON_SURFACE).wide(500);
        BufferedImage without =
                ImageIO.read(new ByteArrayInputStream(bytes(plan(job, of(plain)).getFirst())));
        BufferedImage with = ImageIO.read(new ByteArrayInputStream(
                bytes(plan(job, of(plain.marked(Optional.of("Saltmarsh")))).getFirst())));
        assertThat(List.of(with.getWidth(), with.getHeight())).containsExactly(500, 500);
        int other = 0;
        for (int y = 0; y < 500; y++) {
            for (int x = 0; x < 500; x++) {
                other += without.getRGB(x, y) != with.getRGB(x, y) ? 1 : 0;
            }
        }
        assertThat(other).isBetween(5_000, 100_000);
        for (What what : What.values()) {
            if (what.isPreview()) {
                byte[] made =
                        bytes(plan(job, of(HandOffOutput.of("b.svg", what))).getFirst());
                assertThat(new String(made)).contains("width=\"200mm\"");
            }
        }
    }

    @Test
    void theLedgerIsAPageThatCanBeRead() throws Exception {
        PlannedFile ledger = plan(demo("tide-card"), of(HandOffOutput.of("{job}-made-of.pdf", What.LEDGER)))
                .getFirst();
        assertThat(ledger.name()).isEqualTo("Tide card-made-of.pdf");
        try (PDDocument pdf = Loader.loadPDF(bytes(ledger))) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(210, within(0.01));
        }
    }

    @Test
    void twoFilesOfOneNameAreRefused() throws Exception {
        Job job = demo("sticker-sheet");
        assertThatThrownBy(() -> plan(
                        job, of(HandOffOutput.of("{job}.pdf", What.PRINT), HandOffOutput.of("{job}.pdf", What.PROOF))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("two files called “Sticker sheet.pdf”");
        assertThatThrownBy(() -> plan(job, of(HandOffOutput.of("a.dxf", What.SIZE_CARD))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("size card");
    }
}

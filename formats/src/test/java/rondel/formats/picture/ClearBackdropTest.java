package rondel.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rondel.formats.picture.MadePictures.SIDE;
import static rondel.formats.picture.MadePictures.art;
import static rondel.formats.picture.MadePictures.blurred;
import static rondel.formats.picture.MadePictures.drawing;
import static rondel.formats.picture.MadePictures.jpeg;
import static rondel.formats.picture.MadePictures.motifs;
import static rondel.formats.picture.MadePictures.paper;
import static rondel.formats.picture.MadePictures.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rondel.compose.arrange.Place;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Traits;
import rondel.lines.backdrop.ClearBackdrop;
import rondel.lines.backdrop.ClearingDraft;
import rondel.lines.backdrop.RestoreBackdrop;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class ClearBackdropTest {

    private static final ElementId ART = new ElementId("art");

    private static Job job(byte[] file) {
        Media media = PictureReader.media(file, "art");
        PictureElement picture = new PictureElement(Traits.named("art").withId(ART), media.id(), new Box(0, 0, 90, 90));
        Job blank = Job.blank("Backdrops", LengthUnit.MM, 100, 100);
        return new Place(blank.sheets().getFirst().id(), List.of(picture), List.of(media)).apply(blank);
    }

    private static PictureElement pictureOf(Job job) {
        return (PictureElement) job.located(ART).element();
    }

    private static BufferedImage shown(Job job) {
        return job.media().get(pictureOf(job).media()).pixels();
    }

    private static double alphaError(BufferedImage found, BufferedImage art) {
        double sum = 0;
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                sum += Math.abs((found.getRGB(x, y) >>> 24) - (art.getRGB(x, y) >>> 24));
            }
        }
        return sum / 255 / SIDE / SIDE;
    }

    @ParameterizedTest
    @EnumSource
    void whatIsKnownToBeOpaqueIsFoundWithinTwoPercent(MadePictures.Behind behind) throws IOException {
        List<Double> errors = new ArrayList<>();
        for (MadePictures.Motif motif : motifs()) {
            BufferedImage art = behind == MadePictures.Behind.OUT_OF_FOCUS ? blurred(art(motif)) : art(motif);
            Job cleared = new ClearBackdrop(List.of(ART), BackdropSettings.USUAL).apply(job(picture(art, behind)));
            errors.add(alphaError(shown(cleared), art));
        }
        assertThat(errors).allSatisfy(e -> assertThat(e).isLessThan(0.02));
    }

    @Test
    void noRimOfTheBackdropIsLeftInTheColours() throws IOException {
        BufferedImage art = art(motifs().getFirst());
        BufferedImage found = shown(new ClearBackdrop(List.of(ART), BackdropSettings.USUAL)
                .apply(job(picture(art, MadePictures.Behind.FLAT))));
        int rim = 0;
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                int p = found.getRGB(x, y);
                int alpha = p >>> 24;
                if (alpha > 40 && alpha < 215) {
                    rim++;
                    assertThat(Math.abs((p >> 16 & 255) - 0x1f)
                                    + Math.abs((p >> 8 & 255) - 0x6f)
                                    + Math.abs((p & 255) - 0x6b))
                            .isLessThan(24);
                }
            }
        }
        assertThat(rim).isGreaterThan(200);
    }

    /** A large photograph, cleared in draft on a smaller copy: it is the same to look at. */
    @Test
    void aDraftLooksAsTheRealThing() throws IOException {
        BufferedImage large = new BufferedImage(5 * SIDE, 5 * SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawing(large);
        byte[] file = picture(art(motifs().getFirst()), MadePictures.Behind.JPEG_GRADIENT);
        g.drawImage(PictureReader.media(file, "art").pixels(), 0, 0, 5 * SIDE, 5 * SIDE, null);
        g.dispose();
        Job job = job(PictureCodec.FULL_SIZE.png(large));
        ClearBackdrop clearing =
                new ClearBackdrop(List.of(ART), new BackdropSettings(0.07, 8, true, List.of(), List.of()));

        BufferedImage real = shown(clearing.apply(job));
        Job drafted = ClearingDraft.of(job, clearing, PictureLevels.usual());
        BufferedImage draft = shown(drafted);

        assertThat(draft.getWidth()).isBetween(640, 1280);
        assertThat(pictureOf(drafted).frame()).isEqualTo(pictureOf(job).frame());
        double off = 0;
        for (int y = 0; y < draft.getHeight(); y++) {
            for (int x = 0; x < draft.getWidth(); x++) {
                int u = x * real.getWidth() / draft.getWidth();
                int v = y * real.getHeight() / draft.getHeight();
                off += Math.abs((draft.getRGB(x, y) >>> 24) - (real.getRGB(u, v) >>> 24)) / 255.0;
            }
        }
        assertThat(off / draft.getWidth() / draft.getHeight()).isLessThan(0.01);
    }

    @Test
    void pocketsAreAChoiceAndClicksAndTheBrushHaveTheLastWord() throws IOException {
        Job job = job(picture(art(motifs().getFirst()), MadePictures.Behind.FLAT));
        BackdropSettings open = new BackdropSettings(0.07, 0, false, List.of(), List.of());
        Point middle = new Point(0.5, 0.5);

        BufferedImage withPocket = shown(new ClearBackdrop(List.of(ART), open).apply(job));
        BufferedImage clicked = shown(new ClearBackdrop(List.of(ART), open.withClick(middle)).apply(job));
        BufferedImage brushed = shown(new ClearBackdrop(
                        List.of(ART),
                        open.withStroke(new BackdropSettings.Brush(true, 0.03, List.of(new Point(0.05, 0.05))))
                                .withStroke(new BackdropSettings.Brush(false, 0.1, List.of(middle, middle))))
                .apply(job));

        assertThat(withPocket.getRGB(SIDE / 2, SIDE / 2) >>> 24).isEqualTo(255);
        assertThat(withPocket.getRGB(5, 5) >>> 24).isZero();
        assertThat(clicked.getRGB(SIDE / 2, SIDE / 2) >>> 24).isZero();
        assertThat(clicked.getRGB(5, 5) >>> 24).isEqualTo(255);
        assertThat(brushed.getRGB(SIDE / 20, SIDE / 20) >>> 24).isEqualTo(255);
        assertThat(brushed.getRGB(SIDE / 2, SIDE / 2) >>> 24).isZero();
        assertThat(brushed.getRGB(SIDE / 2 + 45, SIDE / 2) >>> 24).isEqualTo(255);
    }

    /** A disc in a dark line that fades to nearly the backdrop's colour is no pocket. */
    @Test
    void whatFadesIntoTheMotifIsNoPocket() throws IOException {
        BufferedImage image = paper(new Color(0xf3ede2));
        Graphics2D g = drawing(image);
        g.setPaint(new java.awt.GradientPaint(0, 60, new Color(0xf8ece2), 0, 300, new Color(0xe9806c)));
        g.fill(new Ellipse2D.Double(60, 60, 240, 240));
        g.setColor(new Color(0x16403d));
        g.setStroke(new java.awt.BasicStroke(8));
        g.draw(new Ellipse2D.Double(60, 60, 240, 240));
        g.dispose();

        BufferedImage found = shown(
                new ClearBackdrop(List.of(ART), BackdropSettings.USUAL).apply(job(PictureCodec.FULL_SIZE.png(image))));

        assertThat(found.getRGB(SIDE / 2, 80) >>> 24).isEqualTo(255);
        assertThat(found.getRGB(SIDE / 2, 200) >>> 24).isEqualTo(255);
        assertThat(found.getRGB(20, 20) >>> 24).isZero();
    }

    /** A motif in a dark line narrower than its edge is blurred, with a thin light line in it that looks like the backdrop. */
    @Test
    void linesAroundTheMotifAndInItAreItsOwn() throws IOException {
        BufferedImage image = paper(new Color(0xf3ede2));
        Graphics2D g = drawing(image);
        g.setColor(new Color(0xf2b8a6));
        g.fill(new Ellipse2D.Double(60, 60, 240, 240));
        g.setColor(new Color(0xf6ece2));
        g.setStroke(new java.awt.BasicStroke(3));
        g.draw(new Ellipse2D.Double(110, 110, 140, 140));
        g.setColor(new Color(0x16403d));
        g.draw(new Ellipse2D.Double(60, 60, 240, 240));
        g.dispose();

        BufferedImage found = shown(new ClearBackdrop(List.of(ART), BackdropSettings.USUAL).apply(job(jpeg(image))));

        for (int i = 0; i < 360; i++) {
            double x = Math.cos(Math.toRadians(i));
            double y = Math.sin(Math.toRadians(i));
            assertThat(found.getRGB((int) (180 + 120 * x), (int) (180 + 120 * y)) >>> 24)
                    .isGreaterThan(200);
            assertThat(found.getRGB((int) (180 + 70 * x), (int) (180 + 70 * y)) >>> 24)
                    .isEqualTo(255);
            assertThat(found.getRGB((int) (180 + 127 * x), (int) (180 + 127 * y)) >>> 24)
                    .isZero();
        }
    }

    @Test
    void theWholePictureIsKeptAndComesBack() throws IOException {
        Job job = job(picture(art(motifs().get(1)), MadePictures.Behind.FLAT));
        BackdropSettings soft = new BackdropSettings(0.07, 6, true, List.of(), List.of());

        Job once = new ClearBackdrop(List.of(ART), BackdropSettings.USUAL).apply(job);
        Job twice = new ClearBackdrop(List.of(ART), soft).apply(once);

        assertThat(pictureOf(twice).whole()).isEqualTo(pictureOf(job).media());
        assertThat(pictureOf(twice).media()).isNotEqualTo(pictureOf(once).media());
        assertThat(pictureOf(new RestoreBackdrop(List.of(ART)).apply(twice))).isEqualTo(pictureOf(job));
        assertThatThrownBy(() -> new RestoreBackdrop(List.of(ART)).apply(job)).isInstanceOf(Refusal.class);
        BackdropSettings everything = new BackdropSettings(1, 0, true, List.of(), List.of());
        assertThatThrownBy(() -> new ClearBackdrop(List.of(ART), everything).apply(job))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("tolerance");
    }
}

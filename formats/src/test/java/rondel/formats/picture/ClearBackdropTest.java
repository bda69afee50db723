package rondel.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rondel.arrange.Place;
import rondel.backdrop.ClearBackdrop;
import rondel.backdrop.RestoreBackdrop;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.BackdropShape;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class ClearBackdropTest {

    private static final int SIDE = 360;
    private static final ElementId ART = new ElementId("art");

    /** What stands behind the motif. */
    enum Behind {
        FLAT,
        GRADIENT,
        SHADOWED,
        JPEG,
        JPEG_GRADIENT,
        OUT_OF_FOCUS
    }

    /** A motif: what is drawn, back to front. */
    private record Motif(List<Shape> shapes, List<Color> colours) {}

    private static List<Motif> motifs() {
        Area ring = new Area(new Ellipse2D.Double(60, 60, 240, 240));
        ring.subtract(new Area(new Ellipse2D.Double(130, 130, 100, 100)));
        Path2D star = new Path2D.Double();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 140 : 60;
            double a = Math.PI * i / 5 + 0.2;
            if (i == 0) {
                star.moveTo(180 + r * Math.cos(a), 180 + r * Math.sin(a));
            } else {
                star.lineTo(180 + r * Math.cos(a), 180 + r * Math.sin(a));
            }
        }
        star.closePath();
        Path2D leaf = new Path2D.Double();
        leaf.moveTo(50, 300);
        leaf.curveTo(40, 120, 160, 40, 310, 50);
        leaf.curveTo(320, 200, 230, 320, 50, 300);
        leaf.closePath();
        Area frame = new Area(new Rectangle2D.Double(70, 80, 220, 200));
        frame.subtract(new Area(new Rectangle2D.Double(95, 105, 70, 60)));
        frame.subtract(new Area(new Rectangle2D.Double(195, 105, 70, 150)));
        Area holed = new Area(new Ellipse2D.Double(70, 90, 180, 200));
        holed.subtract(new Area(new Ellipse2D.Double(125, 160, 54, 54)));
        return List.of(
                new Motif(List.of(ring), List.of(new Color(0x1f6f6b))),
                new Motif(
                        List.of(star, new Ellipse2D.Double(150, 150, 60, 60)),
                        List.of(new Color(0xc4542f), new Color(0x2b3a55))),
                new Motif(
                        List.of(leaf, new Ellipse2D.Double(120, 150, 90, 60)),
                        List.of(new Color(0x44631f), new Color(0xd99a2b))),
                new Motif(List.of(frame), List.of(new Color(0x6b3f7a))),
                new Motif(
                        List.of(new Ellipse2D.Double(80, 60, 120, 180), new Ellipse2D.Double(160, 150, 130, 130)),
                        List.of(new Color(0x20324f), new Color(0xb84430))),
                new Motif(List.of(holed), List.of(new Color(0xc83c28))));
    }

    private static Graphics2D drawing(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        return g;
    }

    /** The motif alone: its alpha is what is to be found. */
    private static BufferedImage art(Motif motif) {
        BufferedImage art = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = drawing(art);
        for (int i = 0; i < motif.shapes.size(); i++) {
            g.setColor(motif.colours.get(i));
            g.fill(motif.shapes.get(i));
        }
        g.dispose();
        return art;
    }

    /** The same out of focus: its edges are soft. */
    private static BufferedImage blurred(BufferedImage art) {
        float[] kernel = new float[19];
        for (int i = 0; i < 19; i++) {
            kernel[i] = (float) (Math.exp(-(i - 9) * (i - 9) / 18.0) / Math.sqrt(18 * Math.PI));
        }
        BufferedImage premultiplied = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB_PRE);
        premultiplied.createGraphics().drawImage(art, 0, 0, null);
        BufferedImage across = new ConvolveOp(new Kernel(19, 1, kernel)).filter(premultiplied, null);
        return new ConvolveOp(new Kernel(1, 19, kernel)).filter(across, null);
    }

    private static byte[] picture(BufferedImage art, Behind behind) throws IOException {
        BufferedImage all = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawing(all);
        if (behind == Behind.GRADIENT || behind == Behind.JPEG_GRADIENT) {
            g.setPaint(new java.awt.GradientPaint(0, 0, new Color(0xf6efdf), SIDE, SIDE, new Color(0xa9c6cf)));
        } else {
            g.setColor(behind == Behind.JPEG ? new Color(0xfcfbf8) : new Color(0xeae3d4));
        }
        g.fillRect(0, 0, SIDE, SIDE);
        if (behind == Behind.SHADOWED) {
            g.setPaint(new RadialGradientPaint(
                    200, 215, 170, new float[] {0.4f, 1}, new Color[] {new Color(0, 0, 0, 70), new Color(0, 0, 0, 0)}));
            g.fillRect(0, 0, SIDE, SIDE);
        }
        g.drawImage(art, 0, 0, null);
        g.dispose();
        return behind == Behind.JPEG || behind == Behind.JPEG_GRADIENT ? jpeg(all) : PictureCodec.FULL_SIZE.png(all);
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(0.6f);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), how);
        }
        writer.dispose();
        return out.toByteArray();
    }

    private static Job job(byte[] file) {
        Media media = PictureReader.media(file, "art");
        PictureElement picture = new PictureElement(Traits.named("art").withId(ART), media.id(), new Box(0, 0, 90, 90));
        Job blank = Job.blank("Backdrops", LengthUnit.MM, 100, 100);
        return new Place(blank.sheets().getFirst().id(), List.of(picture), List.of(media)).apply(blank);
    }

    private static PictureElement art(Job job) {
        return (PictureElement) job.located(ART).element();
    }

    private static BufferedImage shown(Job job) {
        return job.media().get(art(job).media()).pixels();
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
    void whatIsKnownToBeOpaqueIsFoundWithinTwoPercent(Behind behind) throws IOException {
        List<Double> errors = new ArrayList<>();
        for (Motif motif : motifs()) {
            BufferedImage art = behind == Behind.OUT_OF_FOCUS ? blurred(art(motif)) : art(motif);
            Job cleared = new ClearBackdrop(List.of(ART), BackdropShape.USUAL).apply(job(picture(art, behind)));
            errors.add(alphaError(shown(cleared), art));
        }
        assertThat(errors).allSatisfy(e -> assertThat(e).isLessThan(0.02));
    }

    @Test
    void noRimOfTheBackdropIsLeftInTheColours() throws IOException {
        BufferedImage art = art(motifs().getFirst());
        BufferedImage found =
                shown(new ClearBackdrop(List.of(ART), BackdropShape.USUAL).apply(job(picture(art, Behind.FLAT))));
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

    @Test
    void pocketsAreAChoiceAndClicksAndTheBrushHaveTheLastWord() throws IOException {
        Job job = job(picture(art(motifs().getFirst()), Behind.FLAT));
        BackdropShape open = new BackdropShape(0.07, 0, false, List.of(), List.of());
        Point middle = new Point(0.5, 0.5);

        BufferedImage withPocket = shown(new ClearBackdrop(List.of(ART), open).apply(job));
        BufferedImage clicked = shown(new ClearBackdrop(List.of(ART), open.withClick(middle)).apply(job));
        BufferedImage brushed = shown(new ClearBackdrop(
                        List.of(ART),
                        open.withStroke(new BackdropShape.Brush(true, 0.03, List.of(new Point(0.05, 0.05))))
                                .withStroke(new BackdropShape.Brush(false, 0.1, List.of(middle, middle))))
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
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawing(image);
        g.setColor(new Color(0xf3ede2));
        g.fillRect(0, 0, SIDE, SIDE);
        g.setPaint(new java.awt.GradientPaint(0, 60, new Color(0xf8ece2), 0, 300, new Color(0xe9806c)));
        g.fill(new Ellipse2D.Double(60, 60, 240, 240));
        g.setColor(new Color(0x16403d));
        g.setStroke(new java.awt.BasicStroke(8));
        g.draw(new Ellipse2D.Double(60, 60, 240, 240));
        g.dispose();

        BufferedImage found = shown(
                new ClearBackdrop(List.of(ART), BackdropShape.USUAL).apply(job(PictureCodec.FULL_SIZE.png(image))));

        assertThat(found.getRGB(SIDE / 2, 80) >>> 24).isEqualTo(255);
        assertThat(found.getRGB(SIDE / 2, 200) >>> 24).isEqualTo(255);
        assertThat(found.getRGB(20, 20) >>> 24).isZero();
    }

    /** A motif in a dark line narrower than its edge is blurred, with a thin light line in it that looks like the backdrop. */
    @Test
    void linesAroundTheMotifAndInItAreItsOwn() throws IOException {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawing(image);
        g.setColor(new Color(0xf3ede2));
        g.fillRect(0, 0, SIDE, SIDE);
        g.setColor(new Color(0xf2b8a6));
        g.fill(new Ellipse2D.Double(60, 60, 240, 240));
        g.setColor(new Color(0xf6ece2));
        g.setStroke(new java.awt.BasicStroke(3));
        g.draw(new Ellipse2D.Double(110, 110, 140, 140));
        g.setColor(new Color(0x16403d));
        g.draw(new Ellipse2D.Double(60, 60, 240, 240));
        g.dispose();

        BufferedImage found = shown(new ClearBackdrop(List.of(ART), BackdropShape.USUAL).apply(job(jpeg(image))));

        int outside = 0;
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
        Job job = job(picture(art(motifs().get(1)), Behind.FLAT));
        BackdropShape soft = new BackdropShape(0.07, 6, true, List.of(), List.of());

        Job once = new ClearBackdrop(List.of(ART), BackdropShape.USUAL).apply(job);
        Job twice = new ClearBackdrop(List.of(ART), soft).apply(once);

        assertThat(art(twice).whole()).isEqualTo(art(job).media());
        assertThat(art(twice).media()).isNotEqualTo(art(once).media());
        assertThat(art(new RestoreBackdrop(List.of(ART)).apply(twice))).isEqualTo(art(job));
        assertThatThrownBy(() -> new RestoreBackdrop(List.of(ART)).apply(job)).isInstanceOf(Refusal.class);
        BackdropShape everything = new BackdropShape(1, 0, true, List.of(), List.of());
        assertThatThrownBy(() -> new ClearBackdrop(List.of(ART), everything).apply(job))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("tolerance");
    }
}

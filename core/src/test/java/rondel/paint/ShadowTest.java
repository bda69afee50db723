package rondel.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.compose.shadow.SetShadow;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.Traits;
import rondel.words.Refusal;

class ShadowTest {

    private static final Shadow SOFT = new Shadow(5, 90, 4, new Rgba(0, 0, 0, 200));

    private static Element shaded(Shadow shadow) {
        return Jobs.box("a", 20, 20, 20, 20).with(t -> t.withShadow(Optional.of(shadow)));
    }

    /** Paints 60 x 60 mm, or a part of it. */
    private static BufferedImage paint(Element e, double pxPerMm, Box part) {
        BufferedImage image = new BufferedImage(
                (int) Math.round(part.width() * pxPerMm),
                (int) Math.round(part.height() * pxPerMm),
                BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, image.getWidth(), image.getHeight());
        g.scale(pxPerMm, pxPerMm);
        g.translate(-part.x(), -part.y());
        new Painter(Map.of(), (media, scale) -> image).elements(g, List.of(e));
        g.dispose();
        return image;
    }

    private static BufferedImage paint(Element e, double pxPerMm) {
        return paint(e, pxPerMm, new Box(0, 0, 60, 60));
    }

    private static int alpha(BufferedImage image, double x, double y, double pxPerMm) {
        return image.getRGB((int) (x * pxPerMm), (int) (y * pxPerMm)) >>> 24;
    }

    @Test
    void itLiesWhereDistanceAndAngleSayAndFadesOverItsSoftness() {
        BufferedImage image = paint(shaded(SOFT), 8);
        assertThat(alpha(image, 30, 42.5, 8)).isBetween(150, 200);
        assertThat(alpha(image, 30, 45, 8)).isCloseTo(100, within(4));
        assertThat(alpha(image, 30, 47, 8)).isCloseTo((int) (200 * 0.159), within(5));
        assertThat(alpha(image, 30, 52, 8)).isZero();
        assertThat(alpha(image, 30, 16, 8)).isZero();
        assertThat(alpha(image, 30, 30, 8)).isEqualTo(255);
    }

    /** A copy of a sheet that has copies itself. */
    @Test
    void aShadowInACopyOfACopyIsMeasuredToo() {
        Design any = new Design.Whole(new ElementId("a"));
        Element inner = copy(any, shaded(SOFT));
        Element outer = copy(any, inner);
        assertThat(PaintedExtent.of(outer, Affine.IDENTITY))
                .isEqualTo(PaintedExtent.of(shaded(SOFT), Affine.IDENTITY))
                .isNotEqualTo(PaintedExtent.drawn(outer, Affine.IDENTITY));
    }

    private static Element copy(Design of, Element shown) {
        return new CopyElement(
                Traits.named("copy"),
                of,
                new CopyContent(List.of(shown), Optional.empty(), new Box(20, 20, 20, 20)),
                Optional.empty());
    }

    @Test
    void ninetySixAndSixHundredPpiAgree() {
        double low = 96 / 25.4;
        double high = 600 / 25.4;
        BufferedImage coarse = paint(shaded(SOFT), low);
        BufferedImage fine = paint(shaded(SOFT), high);
        for (double y = 40.5; y < 50; y += 0.5) {
            assertThat(alpha(coarse, 30, y, low)).isCloseTo(alpha(fine, 30, y, high), within(9));
        }
    }

    @Test
    void aTileShowsWhatTheWholeShows() {
        BufferedImage whole = paint(shaded(SOFT), 8);
        Box part = new Box(15, 38, 30, 20);
        BufferedImage tile = paint(shaded(SOFT), 8, part);
        for (int y = 0; y < tile.getHeight(); y += 3) {
            for (int x = 0; x < tile.getWidth(); x += 3) {
                int there = whole.getRGB(x + 15 * 8, y + 38 * 8) >>> 24;
                assertThat(tile.getRGB(x, y) >>> 24).isCloseTo(there, within(2));
            }
        }
    }

    @Test
    void itIsMeasuredOnTheSheetInATurnedAndScaledGroupToo() {
        Element inside = Jobs.box("a", 10, 10, 10, 10).with(t -> t.withShadow(Optional.of(SOFT)));
        Element group =
                Jobs.group("g", Affine.translate(60, 0).times(Affine.rotate(90)).times(Affine.scale(2, 2)), inside);
        BufferedImage image = paint(group, 8);
        assertThat(alpha(image, 30, 45, 8)).isCloseTo(100, within(4));
        assertThat(alpha(image, 30, 16, 8)).isZero();
    }

    @Test
    void theSameShadowIsSetOnManyInOneStepAndTakenAway() {
        Job job = Jobs.of(Jobs.box("a", 0, 0, 9, 9), Jobs.box("b", 50, 0, 9, 9));
        Job shaded = new SetShadow(Jobs.ids("a", "b"), Optional.of(SOFT)).apply(job);
        assertThat(shaded.everything().map(e -> e.traits().shadow())).allMatch(Optional.of(SOFT)::equals);
        assertThat(new SetShadow(Jobs.ids("a", "b"), Optional.empty()).apply(shaded))
                .isEqualTo(job);
        assertThatThrownBy(() -> new SetShadow(Jobs.ids("a"), Optional.of(new Shadow(-1, 0, 2, Rgba.BLACK))).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void byItselfItIsAPictureOfExactPlace() {
        ShadowPicture picture = ShadowPicture.of(
                        new Painter(Map.of(), (media, scale) -> null), shaded(SOFT), Affine.IDENTITY, 300)
                .orElseThrow();
        Box area = picture.area();
        assertThat(area.centre().x()).isCloseTo(30, within(0.1));
        assertThat(area.centre().y()).isCloseTo(35, within(0.1));
        double scale = picture.pixels().getHeight() / area.height();
        int y = (int) ((45 - area.y()) * scale);
        int x = (int) ((30 - area.x()) * scale);
        assertThat(picture.pixels().getRGB(x, y) >>> 24).isCloseTo(100, within(4));
    }

    /** Three boxes are within a few percent of a Gaussian, and keep the sum. */
    @Test
    void boxesBlurLikeAGaussian() {
        for (double deviation : new double[] {1.2, 3, 7.5, 20}) {
            int n = 201;
            float[] values = new float[n * n];
            values[n / 2 * n + n / 2] = 1;
            BoxBlur.blur(values, n, n, deviation);
            double variance = 0;
            double sum = 0;
            for (int i = 0; i < values.length; i++) {
                int dx = i % n - n / 2;
                sum += values[i];
                variance += values[i] * (double) dx * dx;
            }
            assertThat(sum).isCloseTo(1, within(1e-4));
            assertThat(Math.sqrt(variance)).isCloseTo(deviation, within(deviation * 0.12 + 0.1));
        }
        float[] noise = new float[30 * 20];
        Random random = new Random(1);
        for (int i = 0; i < noise.length; i++) {
            noise[i] = random.nextFloat();
        }
        float[] same = noise.clone();
        BoxBlur.blur(noise, 30, 20, 0);
        assertThat(noise).isEqualTo(same);
    }

    /** Sums over windows of each of the three sizes, one way and then the other. */
    @Test
    void theBlurIsThreeBoxesEachWayOnPicturesOfAnyShape() {
        Random random = new Random(7);
        for (int[] size : new int[][] {{1, 1}, {1, 40}, {40, 1}, {37, 22}, {22, 37}, {5, 90}, {64, 64}}) {
            float[] values = new float[size[0] * size[1]];
            for (int i = 0; i < values.length; i++) {
                values[i] = random.nextInt(4) == 0 ? random.nextInt(256) : 0;
            }
            double deviation = 0.5 + random.nextDouble(20);
            float[] expected = values.clone();
            for (int radius : BoxBlur.radii(deviation)) {
                expected = boxes(boxes(expected, size[0], size[1], radius, 0), size[0], size[1], 0, radius);
            }
            BoxBlur.blur(values, size[0], size[1], deviation);
            for (int i = 0; i < values.length; i++) {
                assertThat(values[i]).isCloseTo(expected[i], within(1e-3f));
            }
        }
    }

    private static float[] boxes(float[] values, int width, int height, int across, int down) {
        float[] out = new float[values.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double sum = 0;
                for (int v = Math.max(0, y - down); v <= Math.min(height - 1, y + down); v++) {
                    for (int u = Math.max(0, x - across); u <= Math.min(width - 1, x + across); u++) {
                        sum += values[v * width + u];
                    }
                }
                out[y * width + x] = (float) (sum / ((2 * across + 1) * (2 * down + 1)));
            }
        }
        return out;
    }

    /** Where many pixels are blurred, fewer of them are painted and spread: no eye and hardly a number tells. */
    @Test
    void aWideShadowIsTheSameThoughItIsWorkedOutOnFewerPixels() {
        double pxPerMm = 300 / 25.4;
        Shadow wide = new Shadow(0, 0, 8, Rgba.BLACK);
        BufferedImage painted = paint(shaded(wide), pxPerMm);
        BufferedImage whole = paint(Jobs.box("a", 20, 20, 20, 20), pxPerMm);
        ShadowPainting.toShadow(whole, wide.deviation() * pxPerMm, Rgba.BLACK);
        for (int y = 0; y < painted.getHeight(); y += 5) {
            for (int x = 0; x < painted.getWidth(); x += 5) {
                if (!new Box(19.9, 19.9, 20.2, 20.2).contains(new Point(x / pxPerMm, y / pxPerMm))) {
                    assertThat(painted.getRGB(x, y) >>> 24).isCloseTo(whole.getRGB(x, y) >>> 24, within(2));
                }
            }
        }
    }
}

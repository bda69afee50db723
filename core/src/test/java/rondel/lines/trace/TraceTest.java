package rondel.lines.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Place;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.TraceSettings;
import rondel.job.Traits;
import rondel.words.Refusal;

class TraceTest {

    private static final int SIDE = 400;

    private static BufferedImage image(Color paper, Map<Shape, Color> drawn) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(paper);
        g.fillRect(0, 0, SIDE, SIDE);
        drawn.forEach((settings, colour) -> {
            g.setColor(colour);
            g.fill(settings);
        });
        g.dispose();
        return image;
    }

    private static Job job(BufferedImage image) {
        byte[] bytes = {(byte) image.hashCode(), 4};
        Media media = new Media(Media.idOf(bytes), "png", new Media.Bytes(bytes, m -> image), SIDE, SIDE, 1);
        PictureElement picture =
                new PictureElement(Traits.named("art").withId(id("art")), media.id(), new Box(50, 60, 40, 40));
        return new Place(Jobs.SHEET, List.of(picture), List.of(media)).apply(Jobs.of(box("x", 200, 200, 5, 5)));
    }

    private static List<ShapeElement> traced(Job job, TraceSettings settings) {
        Trace trace = new Trace(ids("art"), settings);
        Job done = trace.apply(job);
        assertThat(done.located(id("art")).element().hidden()).isTrue();
        GroupElement group =
                (GroupElement) done.located(trace.selects(job, done).getFirst()).element();
        return group.children().stream().map(ShapeElement.class::cast).toList();
    }

    private static TraceSettings colours(int count, TraceSettings.Layering layering) {
        return new TraceSettings(count, 0.5, 12, 50, 0.6, layering);
    }

    private static double area(Outline outline) {
        return Contour.of(outline).stream().mapToDouble(Contour::area).sum();
    }

    private static int nodes(Outline outline) {
        return Contour.of(outline).stream().mapToInt(c -> c.segments().size()).sum();
    }

    @Test
    void aDarkDiscWithAHoleComesOutInTrueSizeWithFewNodes() {
        BufferedImage ring = image(
                Color.WHITE,
                new java.util.LinkedHashMap<>(Map.of(new Ellipse2D.Double(50, 50, 300, 300), Color.BLACK)));
        Graphics2D g = ring.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.fill(new Ellipse2D.Double(150, 150, 100, 100));
        g.dispose();
        Outline outline = traced(job(ring), TraceSettings.USUAL).getFirst().outline();
        assertThat(outline.contours()).isEqualTo(2);
        assertThat(area(outline)).isCloseTo(Math.PI * (15 * 15 - 5 * 5), within(1.5));
        Box bounds = outline.bounds().orElseThrow();
        assertThat(bounds.x()).isCloseTo(55, within(0.08));
        assertThat(bounds.width()).isCloseTo(30, within(0.15));
        assertThat(nodes(outline)).isLessThanOrEqualTo(24);
    }

    @Test
    void cornersStayCornersAndSpecklesGo() {
        Map<Shape, Color> drawn = new java.util.LinkedHashMap<>();
        drawn.put(new Rectangle2D.Double(100, 100, 200, 120), Color.BLACK);
        drawn.put(new Rectangle2D.Double(20, 20, 3, 3), Color.BLACK);
        Outline outline = traced(job(image(Color.WHITE, drawn)), TraceSettings.USUAL)
                .getFirst()
                .outline();
        assertThat(outline.contours()).isEqualTo(1);
        assertThat(nodes(outline)).isEqualTo(4);
        assertThat(area(outline)).isCloseTo(20 * 12, within(2.5));
    }

    @Test
    void fewColoursAreStackedWithoutGapsOrLieSideBySideOnTheSameCurves() {
        Map<Shape, Color> drawn = new java.util.LinkedHashMap<>();
        drawn.put(new Ellipse2D.Double(60, 60, 200, 200), new Color(200, 80, 60));
        drawn.put(new Ellipse2D.Double(180, 160, 160, 160), new Color(30, 110, 105));
        Job job = job(image(new Color(240, 230, 210), drawn));
        List<ShapeElement> stacked = traced(job, colours(3, TraceSettings.Layering.STACKED));
        assertThat(stacked).hasSize(3).extracting(ShapeElement::name).allMatch(n -> n.matches("#[0-9a-f]{6}"));
        assertThat(area(stacked.getFirst().outline())).isCloseTo(1600, within(8.0));
        Rgba front = ((Paint.Solid) stacked.getLast().fill()).colour();
        assertThat(front.green()).isBetween(100, 120);
        List<ShapeElement> parted = traced(job, colours(3, TraceSettings.Layering.SIDE_BY_SIDE));
        assertThat(parted.stream().mapToDouble(s -> area(s.outline())).sum())
                .isCloseTo(area(stacked.getFirst().outline()), within(0.01));
        for (int x = 52; x < 88; x += 3) {
            for (int y = 62; y < 98; y += 3) {
                double px = x + 0.37;
                double py = y + 0.61;
                assertThat(parted.stream()
                                .filter(s ->
                                        s.outline().toShape(FillRule.NON_ZERO).contains(px, py))
                                .count())
                        .isEqualTo(1);
            }
        }
    }

    /** As a wash of watercolour is. */
    @Test
    void whatIsSeeThroughAllOverKeepsItsColours() {
        Map<Shape, Color> drawn = new java.util.LinkedHashMap<>();
        drawn.put(new Ellipse2D.Double(40, 60, 280, 260), new Color(31, 111, 107, 190));
        drawn.put(new Rectangle2D.Double(240, 40, 120, 300), new Color(212, 89, 63, 160));
        BufferedImage wash = image(new Color(0, 0, 0, 0), Map.of());
        Graphics2D g = wash.createGraphics();
        g.setComposite(java.awt.AlphaComposite.Src);
        drawn.forEach((settings, colour) -> {
            g.setColor(colour);
            g.fill(settings);
        });
        g.dispose();
        List<ShapeElement> layers = traced(job(wash), colours(6, TraceSettings.Layering.SIDE_BY_SIDE));
        assertThat(layers).hasSize(2);
        assertThat(layers.stream().map(s -> ((Paint.Solid) s.fill()).colour()))
                .anyMatch(c -> Math.abs(c.red() - 31) < 3 && Math.abs(c.green() - 111) < 3)
                .anyMatch(c -> Math.abs(c.red() - 212) < 3 && Math.abs(c.green() - 89) < 3);
        ShapeElement coral = layers.stream()
                .filter(s -> ((Paint.Solid) s.fill()).colour().red() > 200)
                .findFirst()
                .orElseThrow();
        assertThat(area(coral.outline())).isCloseTo(12 * 30, within(4.0));
    }

    /** A texture so fine that nearly every pixel lies between its neighbours. */
    @Test
    void aFineTextureIsTracedInItsOwnColours() {
        BufferedImage texture = image(Color.WHITE, Map.of());
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                double wave = Math.sin(x * 0.9) * Math.sin(y * 0.8);
                texture.setRGB(x, y, new Color((int) (150 + 80 * wave), 120, (int) (140 - 60 * wave)).getRGB());
            }
        }
        assertThat(traced(job(texture), colours(4, TraceSettings.Layering.STACKED)))
                .isNotEmpty()
                .extracting(s -> ((Paint.Solid) s.fill()).colour())
                .allMatch(c -> Math.abs(c.green() - 120) <= 1 && c.red() >= 65 && c.blue() >= 75);
    }

    @Test
    void clearPixelsAreNothingAndABlankPictureIsRefused() {
        BufferedImage clear = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB);
        assertThatThrownBy(() -> traced(job(clear), TraceSettings.USUAL)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> traced(job(clear), colours(17, TraceSettings.Layering.STACKED)))
                .isInstanceOf(Refusal.class);
        Job job = Jobs.of(box("art", 10, 10, 5, 5));
        assertThatThrownBy(() -> new Trace(ids("art"), TraceSettings.USUAL).apply(job))
                .isInstanceOf(Refusal.class);
        Element kept = job.located(id("art")).element();
        assertThat(kept.hidden()).isFalse();
    }
}

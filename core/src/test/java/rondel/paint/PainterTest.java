package rondel.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

class PainterTest {

    private static final Rgba RED = new Rgba(255, 0, 0, 255);
    private static final Rgba BLUE = new Rgba(0, 0, 255, 255);

    private static ShapeElement square(double x, double y, double side, Paint fill) {
        return ShapeElement.filled("", Outline.rectangle(new Box(x, y, side, side)), fill);
    }

    /** Paints 20 x 20 mm at 5 px a mm. */
    private static BufferedImage paint(Element... elements) {
        return paint(
                new Painter(Map.of(), (media, scale) -> new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB)),
                elements);
    }

    private static BufferedImage paint(Painter painter, Element... elements) {
        BufferedImage image = new BufferedImage(100, 100, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, 100, 100);
        g.scale(5, 5);
        painter.elements(g, List.of(elements));
        g.dispose();
        return image;
    }

    private static String at(BufferedImage image, double xMm, double yMm) {
        return String.format("%08x", image.getRGB((int) (xMm * 5), (int) (yMm * 5)));
    }

    @Test
    void whatIsInFrontCoversWhatIsBehindAndHiddenThingsAreNotPainted() {
        BufferedImage image = paint(
                square(0, 0, 10, Paint.solid(RED)),
                square(5, 5, 10, Paint.solid(BLUE)),
                square(0, 0, 20, Paint.solid(Rgba.BLACK))
                        .withTraits(Traits.named("").withHidden(true)));
        assertThat(at(image, 2, 2)).isEqualTo("ffff0000");
        assertThat(at(image, 7, 7)).isEqualTo("ff0000ff");
        assertThat(at(image, 18, 18)).isEqualTo("00000000");
    }

    @Test
    void aGroupFadesAsOneThing() {
        GroupElement faded = GroupElement.of(
                Traits.named("").withOpacity(0.5),
                List.of(square(0, 0, 10, Paint.solid(RED)), square(5, 0, 10, Paint.solid(BLUE))));
        BufferedImage image = paint(faded);
        assertThat(at(image, 7, 5)).isEqualTo("800000ff");
        assertThat(at(image, 2, 5)).isEqualTo("80ff0000");
    }

    @Test
    void aClipAndAMaskShowOnlyTheirPart() {
        Clip round = new Clip(Outline.of(new java.awt.geom.Ellipse2D.Double(0, 0, 10, 10)), FillRule.NON_ZERO);
        BufferedImage clipped = paint(new GroupElement(
                Traits.named(""), List.of(square(0, 0, 20, Paint.solid(RED))), Optional.of(round), Optional.empty()));
        assertThat(at(clipped, 5, 5)).isEqualTo("ffff0000");
        assertThat(at(clipped, 0.4, 0.4)).isEqualTo("00000000");
        Mask half = new Mask(
                List.of(
                        square(0, 0, 10, Paint.solid(Rgba.WHITE)),
                        square(10, 0, 10, Paint.solid(new Rgba(0, 0, 0, 255)))),
                new Box(0, 0, 20, 20),
                Mask.Kind.LUMINANCE);
        BufferedImage masked = paint(new GroupElement(
                Traits.named(""), List.of(square(0, 0, 20, Paint.solid(RED))), Optional.empty(), Optional.of(half)));
        assertThat(at(masked, 5, 5)).isEqualTo("ffff0000");
        assertThat(at(masked, 15, 5)).isEqualTo("00000000");
    }

    @Test
    void gradientsRunFromStopToStopAndHardEdgesStayHard() {
        Paint.Linear hard = new Paint.Linear(
                0,
                0,
                20,
                0,
                List.of(
                        new Paint.Stop(0, RED),
                        new Paint.Stop(0.5, RED),
                        new Paint.Stop(0.5, BLUE),
                        new Paint.Stop(1, BLUE)),
                Paint.Spread.PAD,
                Affine.IDENTITY);
        BufferedImage image = paint(square(0, 0, 20, hard));
        assertThat(at(image, 9, 5)).isEqualTo("ffff0000");
        assertThat(at(image, 11, 5)).isEqualTo("ff0000ff");
    }

    @Test
    void tilesRepeatAndStayInsideTheShape() {
        Paint.Tiles tiles =
                new Paint.Tiles(new Box(0, 0, 4, 4), List.of(square(0, 0, 2, Paint.solid(RED))), Affine.IDENTITY);
        BufferedImage image = paint(square(0, 0, 10, tiles));
        assertThat(at(image, 1, 1)).isEqualTo("ffff0000");
        assertThat(at(image, 3, 3)).isEqualTo("00000000");
        assertThat(at(image, 9, 9)).isEqualTo("ffff0000");
        assertThat(at(image, 13, 13)).isEqualTo("00000000");
    }

    @Test
    void aStrokeStretchesWithItsShape() {
        ShapeElement line = square(2, 2, 4, Paint.NONE)
                .withStroke(Optional.of(Stroke.plain(BLUE, 1)))
                .withTraits(Traits.named("").withPlacement(Affine.scale(2, 1)));
        BufferedImage image = paint(line);
        assertThat(at(image, 4, 4)).isEqualTo("ff0000ff");
        assertThat(at(image, 8, 4)).isEqualTo("00000000");
        assertThat(at(image, 8, 2.2)).isEqualTo("ff0000ff");
    }

    /** At 5 px a mm, a line of 0.02 mm covers a tenth of a pixel, one of 0.002 mm a hundredth. */
    @Test
    void hairlinesAreAsFaintAsTheyAreThin() {
        Outline line = Outline.of(new java.awt.geom.Line2D.Double(0, 10.1, 20, 10.1));
        ShapeElement tenth = new ShapeElement(
                Traits.named(""), line, FillRule.NON_ZERO, Paint.NONE, Optional.of(Stroke.plain(Rgba.BLACK, 0.02)));
        ShapeElement hundredth = tenth.withStroke(Optional.of(Stroke.plain(Rgba.BLACK, 0.002)));
        assertThat(paint(tenth).getRGB(50, 50) >>> 24).isBetween(20, 32);
        assertThat(paint(hundredth).getRGB(50, 50) >>> 24).isBetween(1, 4);
    }

    @Test
    void aHairlineIsSeenInASmallPictureThatIsOnlyLookedAt() {
        ShapeElement cut = new ShapeElement(
                Traits.named(""),
                Outline.rectangle(new Box(5, 5, 10, 10)),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(RED, 0.005)));
        Painter painter = new Painter(Map.of(), (media, scale) -> new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB));
        assertThat(at(paint(painter, cut), 5.05, 10)).startsWith("0");
        assertThat(at(paint(painter.withLinesFrom(2), cut), 5.05, 10)).isEqualTo("ffff0000");
    }

    @Test
    void aFadedShapeFadesItsFillAndItsLineAsOneThing() {
        Stroke line = Stroke.plain(BLUE, 4);
        ShapeElement faded = square(4, 4, 10, Paint.solid(RED))
                .withStroke(Optional.of(line))
                .withTraits(Traits.named("").withOpacity(0.5));
        BufferedImage image = paint(faded);
        // Inside the edge the line covers the fill: half see-through blue, with no red shining through it.
        assertThat(at(image, 5, 9)).isEqualTo(at(image, 3, 9));
        assertThat(at(image, 5, 9)).matches("(7f|80)0000ff");
        assertThat(at(image, 9, 9)).matches("(7f|80)ff0000");
    }
}

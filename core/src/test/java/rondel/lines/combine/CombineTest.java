package rondel.lines.combine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;
import static rondel.compose.arrange.Jobs.order;

import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.curve.Contour;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.words.Refusal;

class CombineTest {

    private static final Rgba CORAL = new Rgba(200, 90, 70, 255);

    private static ShapeElement disc(String id, double x, double y, double r, Rgba colour) {
        return new ShapeElement(
                Traits.named(id).withId(id(id)),
                Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)),
                FillRule.NON_ZERO,
                Paint.solid(colour),
                Optional.empty());
    }

    private static ShapeElement line(Stroke stroke, double... xy) {
        OutlineBuilder builder = new OutlineBuilder().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            builder.lineTo(xy[i], xy[i + 1]);
        }
        return new ShapeElement(
                Traits.named("line").withId(id("line")),
                builder.build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(stroke));
    }

    private static double area(Outline outline) {
        return Contour.of(outline).stream().mapToDouble(Contour::area).sum();
    }

    private static ShapeElement only(Job job) {
        assertThat(job.sheet(Jobs.SHEET).elements()).hasSize(1);
        return (ShapeElement) job.sheet(Jobs.SHEET).elements().getFirst();
    }

    private static Job combined(Job job, BooleanOperation way, String... names) {
        return new Combine(ids(names), way, false).apply(job);
    }

    @Test
    void whatIsMadeHasThePlaceAndTheColoursOfTheBackmost() {
        Job job = Jobs.of(disc("a", 50, 50, 20, CORAL), box("x", 200, 200, 5, 5), disc("b", 70, 50, 20, Rgba.BLACK));
        Job united = combined(job, BooleanOperation.UNITE, "b", "a");
        assertThat(order(united)).containsExactly("a", "x");
        ShapeElement made = (ShapeElement) united.located(id("a")).element();
        assertThat(made.fill()).isEqualTo(Paint.solid(CORAL));
        assertThat(boxOf(united, "a")).isEqualTo(new Box(30, 30, 60, 40));
        double left = area(((ShapeElement) combined(job, BooleanOperation.SUBTRACT, "a", "b")
                        .located(id("a"))
                        .element())
                .outline());
        double common = area(((ShapeElement) combined(job, BooleanOperation.INTERSECT, "a", "b")
                        .located(id("a"))
                        .element())
                .outline());
        assertThat(left + common).isCloseTo(area(disc("a", 0, 0, 20, CORAL).outline()), within(1e-6));
    }

    @Test
    void dividingMakesEveryPieceAndDroppingWhatIsCoveredKeepsEachInItsColour() {
        Job job = Jobs.of(disc("a", 50, 50, 20, CORAL), disc("b", 70, 50, 20, Rgba.BLACK));
        assertThat(combined(job, BooleanOperation.DIVIDE, "a", "b")
                        .sheet(Jobs.SHEET)
                        .elements())
                .hasSize(3);
        Job flat = combined(job, BooleanOperation.DROP_COVERED, "a", "b");
        assertThat(order(flat)).containsExactly("a", "b");
        ShapeElement back = (ShapeElement) flat.located(id("a")).element();
        assertThat(back.fill()).isEqualTo(Paint.solid(CORAL));
        assertThat(area(back.outline()))
                .isLessThan(area(disc("a", 0, 0, 20, CORAL).outline()) - 100);
    }

    @Test
    void itWorksAcrossGroupsHoweverTheyAreTurnedAndSized() {
        Affine turned = Affine.translate(100, 100).times(Affine.rotate(30)).times(Affine.scale(2, 2));
        Job job = Jobs.of(group("g", turned, disc("a", 0, 0, 10, CORAL)), box("b", 100, 70, 60, 60));
        Job cut = combined(job, BooleanOperation.SUBTRACT, "a", "b");
        Box box = boxOf(cut, "a");
        assertThat(box.x()).isCloseTo(80, within(0.01));
        assertThat(box.right()).isCloseTo(100, within(1e-6));
        assertThat(cut.find(id("b"))).isEmpty();
    }

    @Test
    void linesCountWithTheirAreaWhereThatIsAsked() {
        Stroke pen = new Stroke(Paint.solid(CORAL), 4, Stroke.Cap.ROUND, Stroke.Join.ROUND, 4, List.of(), 0);
        Job job = Jobs.of(
                line(pen, 20, 20, 60, 20),
                line(pen, 20, 40, 60, 40).withTraits(Traits.named("b").withId(id("b"))));
        ShapeElement made = (ShapeElement)
                new ToOutlines(ids("line"), true).apply(job).located(id("line")).element();
        assertThat(area(made.outline())).isCloseTo(40 * 4 + Math.PI * 4, within(0.006));
        assertThat(made.fill()).isEqualTo(Paint.solid(CORAL));
        assertThat(made.stroke()).isEmpty();
        Job united = new Combine(ids("line", "b"), BooleanOperation.UNITE, true).apply(job);
        assertThat(area(only(united).outline())).isCloseTo(2 * (40 * 4 + Math.PI * 4), within(0.012));
    }

    @Test
    void nothingLeftOneAloneAndPicturesAreRefusedWithASentence() {
        Job job = Jobs.of(disc("a", 50, 50, 20, CORAL), disc("b", 150, 50, 20, CORAL));
        assertThatThrownBy(() -> combined(job, BooleanOperation.INTERSECT, "a", "b"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> combined(job, BooleanOperation.SUBTRACT, "a")).isInstanceOf(Refusal.class);
        assertThat(only(combined(Jobs.of(disc("a", 50, 50, 20, CORAL)), BooleanOperation.UNITE, "a"))
                        .id())
                .isEqualTo(id("a"));
    }
}

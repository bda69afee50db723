package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.geometry.Anchor;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.words.Refusal;

class ChangeStrokeTest {

    private static final Paint CORAL = Paint.solid(new Rgba(200, 90, 70, 255));
    private static final Stroke DASHED =
            new Stroke(Paint.solid(Rgba.BLACK), 0.4, Stroke.Cap.ROUND, Stroke.Join.BEVEL, 4, List.of(3.0, 1.0), 0.5);

    private static Stroke stroke(Job job, String id) {
        return ((ShapeElement) job.located(new ElementId(id)).element())
                .stroke()
                .orElseThrow();
    }

    @Test
    void anotherColourOrWidthKeepsTheDashes() {
        Job job = new SetStroke(ids("a"), Optional.of(DASHED)).apply(Jobs.of(box("a", 10, 10, 20, 20)));
        Job coral = new ChangeStroke(ids("a"), Optional.of(CORAL), OptionalDouble.empty()).apply(job);
        assertThat(stroke(coral, "a")).isEqualTo(DASHED.withPaint(CORAL));
        Job wide = new ChangeStroke(ids("a"), Optional.empty(), OptionalDouble.of(1.2)).apply(coral);
        assertThat(stroke(wide, "a")).isEqualTo(DASHED.withPaint(CORAL).withWidth(1.2));
    }

    @Test
    void widthsAreThoseOnTheSheetHoweverTheShapeIsScaled() {
        Job job = new SetStroke(ids("a"), Optional.of(DASHED)).apply(Jobs.of(box("a", 10, 10, 20, 20)));
        Job twice = new Scale(ids("a"), 2, 2, Anchor.CENTRE).apply(job);
        Stroke made = stroke(new ChangeStroke(ids("a"), Optional.empty(), OptionalDouble.of(1)).apply(twice), "a");
        assertThat(made.width()).isCloseTo(0.5, within(1e-12));
        assertThat(made.dashes()).containsExactly(3.0, 1.0);
    }

    @Test
    void eachKeepsItsOwnAndWhatHasNoLineGetsAPlainOne() {
        Job job = new SetStroke(ids("a"), Optional.of(DASHED))
                .apply(Jobs.of(box("a", 10, 10, 20, 20), box("b", 50, 10, 20, 20)));
        Job bare = new SetStroke(ids("b"), Optional.empty()).apply(job);
        Job both = new ChangeStroke(ids("a", "b"), Optional.of(CORAL), OptionalDouble.empty()).apply(bare);
        assertThat(stroke(both, "a").dashes()).containsExactly(3.0, 1.0);
        assertThat(stroke(both, "b"))
                .isEqualTo(Stroke.plain(Rgba.BLACK, ChangeStroke.USUAL_WIDTH).withPaint(CORAL));
    }

    @Test
    void neitherAPaintNorAWidthIsRefusedAndSoIsNoWidth() {
        Job job = Jobs.of(box("a", 10, 10, 20, 20));
        assertThatThrownBy(() -> new ChangeStroke(ids("a"), Optional.empty(), OptionalDouble.empty()).apply(job))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new ChangeStroke(ids("a"), Optional.empty(), OptionalDouble.of(0)).apply(job))
                .isInstanceOf(Refusal.class);
    }
}

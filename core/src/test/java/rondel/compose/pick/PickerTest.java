package rondel.compose.pick;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

class PickerTest {

    private static Element shape(String id, Outline outline, Paint fill) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)), outline, FillRule.EVEN_ODD, fill, Optional.empty());
    }

    private static Element square(String id, double x, double y, double side) {
        return shape(id, Outline.rectangle(new Box(x, y, side, side)), Paint.solid(Rgba.BLACK));
    }

    private static List<String> hits(Picker picker, double x, double y) {
        return picker.at(new Point(x, y), 0.5).stream().map(ElementId::value).toList();
    }

    @Test
    void aClickFindsTheFrontmostFirstAndWhatLiesBeneathAfterIt() {
        Picker picker = new Picker(List.of(square("back", 0, 0, 20), square("front", 10, 10, 20)), Affine.IDENTITY);
        assertThat(hits(picker, 15, 15)).containsExactly("front", "back");
        assertThat(hits(picker, 5, 5)).containsExactly("back");
        assertThat(hits(picker, 50, 50)).isEmpty();
    }

    @Test
    void aHoleIsNotTheThing() {
        Outline ring = Outline.rectangle(new Box(0, 0, 30, 30)).plus(Outline.rectangle(new Box(10, 10, 10, 10)));
        Picker picker = new Picker(List.of(shape("ring", ring, Paint.solid(Rgba.BLACK))), Affine.IDENTITY);
        assertThat(hits(picker, 5, 5)).containsExactly("ring");
        assertThat(hits(picker, 15, 15)).isEmpty();
    }

    @Test
    void aHairlineIsCaughtWithinReachAndAGroupByWhatIsInIt() {
        Element line = new ShapeElement(
                Traits.named("line").withId(new ElementId("line")),
                new OutlineBuilder().moveTo(0, 0).lineTo(40, 0).build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.01)));
        Element group = GroupElement.of(
                Traits.named("g").withId(new ElementId("g")).withPlacement(Affine.scale(2, 2)), List.of(line));
        Picker picker = new Picker(List.of(group), Affine.translate(100, 100));
        assertThat(hits(picker, 150, 100.3)).containsExactly("g");
        assertThat(hits(picker, 150, 103)).isEmpty();
    }

    @Test
    void aBoxEnclosesOrTouches() {
        Picker picker = new Picker(List.of(square("a", 0, 0, 10), square("b", 8, 0, 10)), Affine.IDENTITY);
        Box box = new Box(-1, -1, 12, 12);
        assertThat(picker.within(box, Picker.Rule.ENCLOSE))
                .extracting(ElementId::value)
                .containsExactly("a");
        assertThat(picker.within(box, Picker.Rule.TOUCH))
                .extracting(ElementId::value)
                .containsExactly("a", "b");
    }

    @Test
    void lockedAndHiddenThingsAreNeverCaught() {
        Element locked = square("locked", 0, 0, 10).with(t -> t.withLocked(true));
        Element hidden = square("hidden", 0, 0, 10).with(t -> t.withHidden(true));
        Picker picker = new Picker(List.of(locked, hidden), Affine.IDENTITY);
        assertThat(hits(picker, 5, 5)).isEmpty();
        assertThat(picker.within(new Box(-5, -5, 50, 50), Picker.Rule.TOUCH)).isEmpty();
    }
}

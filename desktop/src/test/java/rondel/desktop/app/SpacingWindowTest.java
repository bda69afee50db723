package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ChoiceBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rondel.compose.spacing.AlignTo;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.sheets.GuideForm;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** Exact distances in the real window, by mouse and by key. */
class SpacingWindowTest extends BenchFixture {

    private static final Rgba RED = new Rgba(180, 40, 40, 255);
    private static final Rgba BLUE = new Rgba(40, 60, 180, 255);

    @BeforeEach
    void threeBoxes() throws Exception {
        calm();
        List<Element> boxes = new ArrayList<>();
        boxes.add(box("a", new Box(50, 100, 30, 30), RED));
        boxes.add(box("b", new Box(120, 105, 30, 30), BLUE));
        boxes.add(box("c", new Box(200, 95, 40, 40), RED));
        boxes.add(box("under", new Box(55, 105, 10, 10), BLUE));
        Job job = Job.blank("Boxes", LengthUnit.MM, 304.8, 304.8);
        Job filled = job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(boxes));
        onFx(() -> bench.open(filled, Optional.empty()));
        calm();
    }

    private static Element box(String id, Box box, Rgba colour) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.rectangle(box),
                FillRule.NON_ZERO,
                Paint.solid(colour),
                Optional.empty());
    }

    private Box at(String id) {
        return boxOf(new ElementId(id));
    }

    @Test
    void aGapIsClickedWhereItIsAndTypedOver() throws Exception {
        select("b");
        clickOn("#gap-at-left");
        push(KeyCode.SHORTCUT, KeyCode.A).write("1/2 in").push(KeyCode.ENTER);
        calm();
        assertThat(at("b").x()).isCloseTo(80 + 12.7, within(1e-9));

        clickOn("#gap-at-right");
        push(KeyCode.SHORTCUT, KeyCode.A).write("20").push(KeyCode.SHIFT, KeyCode.ENTER);
        calm();
        assertThat(at("b").x()).isCloseTo(92.7, within(1e-9));
        assertThat(at("c").x()).isCloseTo(142.7, within(1e-9));

        clickOn("#edge-at-left");
        push(KeyCode.SHORTCUT, KeyCode.A).write("100 mm").push(KeyCode.ENTER);
        calm();
        assertThat(at("b").x()).isCloseTo(100, within(1e-9));

        type("#gap-above", "33");
        assertThat(at("b").y()).isCloseTo(33, within(1e-9));
    }

    @Test
    void whatIsNoLengthIsRefusedWhereItIsTyped() throws Exception {
        select("b");
        Job before = bench.job();
        clickOn("#gap-at-left");
        push(KeyCode.SHORTCUT, KeyCode.A).write("wide").push(KeyCode.ENTER);
        assertThat(bench.job()).isSameAs(before);
        assertThat(notice()).contains("wide");
        push(KeyCode.ESCAPE);
        assertThat(lookup("#gap-edit").query().isVisible()).isFalse();
    }

    @Test
    void keysAndButtonsLineThingsUpAndSpaceThemOut() throws Exception {
        select("a", "b", "c");
        run("alignTop");
        assertThat(at("a").y()).isCloseTo(95, within(1e-9));
        assertThat(at("b").y()).isCloseTo(95, within(1e-9));
        clickOn("#do-evenGapsAcross");
        assertThat(at("b").x() - at("a").right()).isCloseTo(45, within(1e-9));
        onFx(() -> lookup("#align-to").<ChoiceBox<AlignTo>>query().setValue(AlignTo.KEY));
        run("alignBottom");
        assertThat(at("a").bottom()).isCloseTo(135, within(1e-9));
        answers.spacing = Optional.of(new SpacingForm(SpacingForm.Layout.ROW, 3.175, 0, 1, 1));
        run("spaceOut");
        assertThat(at("b").x()).isCloseTo(83.175, within(1e-9));
        run("centreAll");
        Box all = at("a").union(at("b")).union(at("c"));
        assertThat(all.centre().distanceTo(new Point(152.4, 152.4))).isLessThan(1e-9);
    }

    @Test
    void aDraggedThingHoldsToItsNeighbourAndNotWithControl() throws Exception {
        select("b");
        Point from = at("b").centre();
        drag(screen(from), MouseButton.PRIMARY)
                .moveTo(screen(from.plus(-36, -5.4)))
                .drop();
        calm();
        assertThat(at("b").y()).isCloseTo(100, within(1e-9));
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        calm();
        dragHolding(KeyCode.CONTROL, from, from.plus(-10, -3), from.plus(-36, -5.6));
        calm();
        assertThat(at("b").y()).isCloseTo(99.4, within(1e-3));
    }

    @Test
    void guidesComeOutOfTheRulersOrAreTypedAndGoBack() throws Exception {
        Point2D ruler = window.sheet().localToScreen(300, 8);
        drag(ruler, MouseButton.PRIMARY).moveTo(screen(new Point(150, 60))).drop();
        calm();
        assertThat(bench.sheet().guides()).hasSize(1);
        assertThat(bench.sheet().guides().getFirst().across()).isEqualTo(Axis.VERTICAL);
        assertThat(bench.sheet().guides().getFirst().at()).isCloseTo(60, within(1.5));

        answers.guide = Optional.of(new GuideForm(Axis.HORIZONTAL, 25.4));
        run("addGuide");
        assertThat(bench.sheet().guides().getLast().at()).isEqualTo(25.4);

        double y = bench.sheet().guides().getFirst().at();
        drag(screen(new Point(280, y)), MouseButton.PRIMARY).moveTo(ruler).drop();
        calm();
        assertThat(bench.sheet().guides()).hasSize(1);
    }

    @Test
    void altClickGoesThroughToWhatLiesBeneath() throws Exception {
        Point both = at("under").centre();
        clickOn(screen(both));
        assertThat(bench.selectedIds()).containsExactly(new ElementId("under"));
        clickHolding(KeyCode.ALT, both);
        assertThat(bench.selectedIds()).containsExactly(new ElementId("a"));
        keys(KeyCode.ALT, KeyCode.DOWN);
        assertThat(bench.selectedIds()).hasSize(1);
        keys(KeyCode.ALT, KeyCode.RIGHT);
        keys(KeyCode.ALT, KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(bench.selectedIds()).hasSize(2);
    }

    @Test
    void likeThingsAreSelectedAndCopiesGoOn() throws Exception {
        select("a");
        onFx(() -> window.commands().get("sameFill").run());
        assertThat(bench.selectedIds()).containsExactly(new ElementId("a"), new ElementId("c"));
        select("b");
        keys(KeyCode.SHORTCUT, KeyCode.D);
        type("#x", "155");
        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.D);
        assertThat(boxOf(only().id()).x()).isCloseTo(190, within(1e-9));
        keys(KeyCode.SHORTCUT, KeyCode.P);
        assertThat(only().pinned()).isTrue();
        onFx(() -> window.commands().get("linesScale").run());
        assertThat(bench.job().linesScale()).isFalse();
    }
}

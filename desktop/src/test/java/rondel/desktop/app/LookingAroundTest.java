package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Place;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;

/** Wheel, pad, middle button and space move and scale the view; clicks and boxes find what they mean. */
class LookingAroundTest extends BenchFixture {

    private static final Point MIDDLE = new Point(150, 150);

    @BeforeEach
    void threeSquares() throws Exception {
        onFx(() -> bench.perform(new Place(
                bench.sheet().id(),
                List.of(square("low", 120, 120, 60), square("high", 130, 130, 40), square("aside", 220, 120, 30)),
                List.of())));
        onFx(() -> bench.select(List.<ElementId>of()));
        calm();
    }

    private static Element square(String id, double x, double y, double side) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.of(new Rectangle2D.Double(x, y, side, side)),
                FillRule.NON_ZERO,
                Paint.solid(new Rgba(31, 111, 107, 255)),
                Optional.empty());
    }

    private Viewport view() {
        return window.sheet().viewport();
    }

    private void fire(Event event) {
        onFx(() -> window.sheet().fireEvent(event));
    }

    private ScrollEvent wheel(double dx, double dy, KeyCode held) {
        Point2D at = inScene(view().toScreen(MIDDLE));
        return new ScrollEvent(
                ScrollEvent.SCROLL,
                at.getX(),
                at.getY(),
                at.getX(),
                at.getY(),
                held == KeyCode.SHIFT,
                held == KeyCode.CONTROL,
                false,
                false,
                false,
                false,
                dx,
                dy,
                dx,
                dy,
                ScrollEvent.HorizontalTextScrollUnits.NONE,
                0,
                ScrollEvent.VerticalTextScrollUnits.NONE,
                0,
                0,
                null);
    }

    private Point2D inScene(Point p) {
        return window.sheet().localToScene(p.x(), p.y());
    }

    @Test
    void theWheelMovesThePaperAndWithControlScalesItWhereThePointerIs() {
        Viewport before = view();
        fire(wheel(12, -40, KeyCode.ALT));
        assertThat(view()).isEqualTo(before.panned(12, -40));
        fire(wheel(0, 30, KeyCode.SHIFT));
        assertThat(view()).isEqualTo(before.panned(42, -40));

        Point under = view().toScreen(MIDDLE);
        fire(wheel(0, 120, KeyCode.CONTROL));
        assertThat(view().scale()).isGreaterThan(before.scale() * 1.3);
        assertThat(view().toScreen(MIDDLE).distanceTo(under)).isLessThan(2.5);
        double scaled = view().scale();
        Point2D at = inScene(under);
        fire(new ZoomEvent(
                ZoomEvent.ZOOM,
                at.getX(),
                at.getY(),
                at.getX(),
                at.getY(),
                false,
                false,
                false,
                false,
                false,
                false,
                0.5,
                0.5,
                null));
        assertThat(view().scale()).isCloseTo(scaled / 2, within(1e-9));
    }

    @Test
    void spaceOrTheMiddleButtonDragsThePaperAndSelectsNothing() {
        Viewport before = view();
        moveTo(screen(MIDDLE));
        press(MouseButton.MIDDLE);
        moveBy(30, 20);
        release(MouseButton.MIDDLE);
        settle();
        assertThat(view().toScreen(MIDDLE).distanceTo(before.toScreen(MIDDLE)))
                .isCloseTo(Math.hypot(30, 20), within(1.5));

        Viewport panned = view();
        onFx(() -> window.sheet().requestFocus());
        fire(new KeyEvent(KeyEvent.KEY_PRESSED, " ", "", KeyCode.SPACE, false, false, false, false));
        assertThat(window.sheet().getCursor()).isEqualTo(Cursor.OPEN_HAND);
        moveTo(screen(MIDDLE));
        press(MouseButton.PRIMARY);
        moveBy(-25, 0);
        assertThat(window.sheet().getCursor()).isEqualTo(Cursor.CLOSED_HAND);
        release(MouseButton.PRIMARY);
        fire(new KeyEvent(KeyEvent.KEY_RELEASED, " ", "", KeyCode.SPACE, false, false, false, false));
        settle();
        assertThat(panned.toScreen(MIDDLE).x() - view().toScreen(MIDDLE).x()).isCloseTo(25, within(1.5));
        assertThat(window.sheet().getCursor()).isEqualTo(Cursor.DEFAULT);
        assertThat(bench.selection()).isEmpty();
    }

    @Test
    void aClickFindsTheFrontmostAndWithAltWhatLiesBeneath() {
        clickOn(screen(MIDDLE));
        settle();
        assertThat(bench.selection()).containsExactly(new ElementId("high"));
        clickHolding(KeyCode.ALT, MIDDLE);
        assertThat(bench.selection()).containsExactly(new ElementId("low"));
        clickHolding(KeyCode.ALT, MIDDLE);
        assertThat(bench.selection()).containsExactly(new ElementId("high"));
        clickHolding(KeyCode.SHIFT, new Point(230, 130));
        assertThat(bench.selection()).containsExactlyInAnyOrder(new ElementId("high"), new ElementId("aside"));
        clickHolding(KeyCode.SHIFT, new Point(230, 130));
        assertThat(bench.selection()).containsExactly(new ElementId("high"));
        rightClickOn(screen(new Point(123, 123)));
        settle();
        assertThat(bench.selection()).containsExactly(new ElementId("low"));
        push(KeyCode.ESCAPE);
    }

    @Test
    void aBoxCatchesWhatLiesInItAndWithAltWhatItTouches() {
        dragHolding(KeyCode.CONTROL, new Point(125, 110), new Point(165, 175));
        assertThat(bench.selection()).isEmpty();
        dragHolding(KeyCode.CONTROL, new Point(110, 110), new Point(190, 190));
        assertThat(bench.selection()).containsExactlyInAnyOrder(new ElementId("low"), new ElementId("high"));
        dragHolding(KeyCode.SHIFT, new Point(210, 110), new Point(260, 160));
        assertThat(bench.selection()).hasSize(3);
        dragHolding(KeyCode.ALT, new Point(200, 100), new Point(230, 130));
        assertThat(bench.selection()).containsExactly(new ElementId("aside"));
    }

    @Test
    void escapeLetsADragGoBack() {
        clickOn(screen(MIDDLE));
        moveTo(screen(MIDDLE));
        press(MouseButton.PRIMARY);
        moveBy(40, 10);
        moveBy(10, 10);
        settle();
        fire(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ESCAPE, false, false, false, false));
        release(MouseButton.PRIMARY);
        settle();
        assertThat(boxOf(new ElementId("high")).x()).isEqualTo(130);
        assertThat(bench.selection()).containsExactly(new ElementId("high"));
    }

    @Test
    void aJobThatIsOpenedIsSeenWholeHoweverTheOneBeforeWasLookedAt() throws Exception {
        openDemo("tide-card");
        calm();
        Viewport whole = view();
        openDemo("tide-page");
        onFx(() -> window.sheet().zoom(6));
        openDemo("tide-card");
        calm();

        assertThat(view()).isEqualTo(whole);
        onFx(() -> window.sheet().zoom(2));
        Viewport closer = view();
        onFx(() -> bench.perform(new Place(bench.sheet().id(), List.of(square("one", 10, 10, 5)), List.of())));
        assertThat(view()).isEqualTo(closer);
    }
}

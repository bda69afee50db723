package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.StarShape;
import rondel.job.ShapeElement;

/** Plain shapes and outlines of one's own, drawn and changed on the sheet. */
class DrawingWindowTest extends BenchFixture {

    private ShapeElement shape() {
        return (ShapeElement) only();
    }

    private void dragOn(Point from, Point to) {
        moveTo(screen(from));
        drag(javafx.scene.input.MouseButton.PRIMARY);
        moveTo(screen(new Point((from.x() + to.x()) / 2, (from.y() + to.y()) / 2)));
        moveTo(screen(to));
        drop();
        settle();
    }

    private void press(double x, double y) {
        clickOn(screen(new Point(x, y)));
        settle();
    }

    @Test
    void aDragDrawsAShapeAndShiftMakesItsSidesEqual() throws Exception {
        calm();
        run("addStar");
        dragHolding(KeyCode.CONTROL, new Point(40, 50), new Point(90, 120));
        calm();
        assertThat(boxOf(only().id()).width()).isCloseTo(50, within(0.6));
        assertThat(boxOf(only().id()).height()).isCloseTo(70, within(0.6));
        run("addBox");
        dragHolding(KeyCode.SHIFT, new Point(150, 50), new Point(190, 70));
        calm();
        Box box = boxOf(only().id());
        assertThat(box.width()).isCloseTo(box.height(), within(1e-9));
        assertThat(bench.sheet().elements()).hasSize(2);
    }

    @Test
    void aPressOrEnterMakesAShapeAtItsUsualSizeAndEscapePutsItDown() throws Exception {
        calm();
        run("addOval");
        press(100, 100);
        calm();
        assertThat(boxOf(only().id()).width()).isEqualTo(50.8);
        assertThat(boxOf(only().id()).centre().distanceTo(new Point(100, 100))).isLessThan(1);
        run("addHeart");
        keys(KeyCode.ENTER);
        calm();
        assertThat(bench.sheet().elements()).hasSize(2);
        run("addBox");
        keys(KeyCode.ESCAPE);
        press(200, 200);
        assertThat(bench.sheet().elements()).hasSize(2);
    }

    @Test
    void cornersAndPointsAreDraggedByHandlesOrTyped() throws Exception {
        calm();
        run("addBox");
        keys(KeyCode.ENTER);
        calm();
        Box box = boxOf(only().id());
        double inside = box.height() * 0.1;
        Point handle = new Point(box.x() + inside, box.y() + inside);
        dragOn(handle, new Point(handle.x() + 8, handle.y() + 8));
        calm();
        double radius = ((BoxShape) shape().plain().orElseThrow()).corners().topLeft();
        assertThat(radius).isCloseTo(10, within(0.8));
        type("#figure-corners-topRight", "3 mm");
        calm();
        assertThat(((BoxShape) shape().plain().orElseThrow()).corners().topRight())
                .isCloseTo(3, within(1e-9));
        onFx(() -> lookup("#figure-edge-style")
                .<javafx.scene.control.ChoiceBox<Enum<?>>>query()
                .setValue(Edge.Style.POSTAGE));
        calm();
        assertThat(((BoxShape) shape().plain().orElseThrow()).edge().style()).isEqualTo(Edge.Style.POSTAGE);
        run("addStar");
        keys(KeyCode.ENTER);
        calm();
        type("#figure-points", "9");
        calm();
        assertThat(((StarShape) shape().plain().orElseThrow()).points()).isEqualTo(9);
    }

    @Test
    void thePenDrawsAClosedOutlineAndItsPointsAreChangedOneByOne() throws Exception {
        calm();
        run("pen");
        press(60, 60);
        press(140, 60);
        press(140, 140);
        press(61, 61);
        calm();
        Contour drawn = Contour.of(shape().outline()).getFirst();
        assertThat(drawn.closed()).isTrue();
        assertThat(drawn.segments()).hasSize(3);

        run("points");
        type("#point-x", "50 mm");
        calm();
        assertThat(boxOf(only().id()).x()).isCloseTo(50, within(1e-6));
        run("pointAdd");
        calm();
        assertThat(Contour.of(shape().outline()).getFirst().segments()).hasSize(4);
        run("pointSmooth");
        calm();
        assertThat(Contour.of(shape().outline()).getFirst().segments())
                .filteredOn(b -> b.order() == 3)
                .hasSize(2);
        double before = boxOf(only().id()).height();
        keys(KeyCode.UP);
        calm();
        assertThat(boxOf(only().id()).height()).isGreaterThan(before);
        keys(KeyCode.DELETE);
        calm();
        assertThat(bench.sheet().elements()).hasSize(1);
        keys(KeyCode.ESCAPE);
        assertThat(lookup("#point-x").query().getParent().getParent().isVisible())
                .isFalse();
    }

    @Test
    void aPointIsDraggedAndTheLineOpensAndJoinsAgain() throws Exception {
        calm();
        run("addBox");
        dragHolding(KeyCode.CONTROL, new Point(60, 60), new Point(120, 110));
        calm();
        run("points");
        Box box = boxOf(only().id());
        dragHolding(KeyCode.CONTROL, new Point(box.right(), box.bottom()), new Point(150, 140));
        calm();
        assertThat(shape().plain()).isEmpty();
        assertThat(boxOf(only().id()).right()).isCloseTo(150, within(1e-3));
        run("outlineSplit");
        calm();
        run("outlineSplit");
        calm();
        assertThat(Contour.of(shape().outline())).noneMatch(Contour::closed);
    }

    @Test
    void aDoubleClickOpensThePointsAndOneOnTheLineAddsAPointThere() throws Exception {
        calm();
        run("addBox");
        dragHolding(KeyCode.CONTROL, new Point(60, 60), new Point(120, 110));
        calm();
        Box box = boxOf(only().id());
        doubleClickOn(screen(box.centre()));
        calm();
        assertThat(lookup("#point-x").query().getParent().getParent().isVisible())
                .isTrue();
        doubleClickOn(screen(new Point(box.x() + box.width() * 0.75, box.bottom())));
        calm();
        Contour line = Contour.of(shape().outline()).getFirst();
        assertThat(line.segments()).hasSize(5);
        assertThat(boxOf(only().id()).width()).isCloseTo(box.width(), within(1e-9));
    }

    @Test
    void whatHasNoPointsOfItsOwnSaysWhy() throws Exception {
        calm();
        run("addOval");
        keys(KeyCode.ENTER);
        calm();
        run("halo");
        calm();
        onFx(() -> bench.select(java.util.List.of(
                bench.sheet().elements().getFirst() instanceof ShapeElement s
                                && s.traits().link().isPresent()
                        ? s.id()
                        : bench.sheet().elements().getLast().id())));
        if (only() instanceof ShapeElement s && s.traits().link().isPresent()) {
            run("points");
            assertThat(notice()).contains("follows");
        }
    }
}

package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import rondel.desktop.sheets.SheetForm;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;

class SheetsAndStackTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    @Test
    void aSheetIsAddedChangedAndTakenAwayEachInOneStep() throws Exception {
        calm();
        Job one = bench.job();
        answers.sheet = Optional.of(s -> new SheetForm("Inside", 127, 177.8, 3, 6.35, Optional.empty()));
        run("addSheet");
        Sheet inside = bench.sheet();
        assertThat(inside.name()).isEqualTo("Inside");
        assertThat(inside.width()).isEqualTo(127);
        assertThat(inside.bleed()).isEqualTo(3);
        assertThat(inside.paper()).isEmpty();

        answers.sheet =
                Optional.of(s -> new SheetForm(s.name(), s.width(), 200, 0, 5, Optional.of(new Rgba(9, 8, 7, 255))));
        run("changeSheet");
        assertThat(bench.sheet().height()).isEqualTo(200);
        assertThat(bench.sheet().paper()).contains(new Rgba(9, 8, 7, 255));
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.sheet()).isEqualTo(inside);

        keys(KeyCode.SHORTCUT, KeyCode.PAGE_UP);
        assertThat(bench.sheet().name()).isEqualTo("Sheet 1");
        keys(KeyCode.SHORTCUT, KeyCode.PAGE_DOWN);
        assertThat(bench.sheet().name()).isEqualTo("Inside");
        onFx(() -> window.commands().get("removeSheet").run());
        assertThat(bench.job().sheets()).isEqualTo(one.sheets());
        onFx(() -> window.commands().get("removeSheet").run());
        assertThat(bench.job().sheets()).hasSize(1);
    }

    @Test
    void aCardIsDraggedToAnotherPlaceInTheStack() throws Exception {
        ElementId back = placed("crab", 60, 60);
        placed("starfish", 220, 220);
        ElementId front = placed("whale", 150, 150);
        onFx(bench::selectNothing);
        drag(middle(card(0)), MouseButton.PRIMARY).dropTo(right(card(2)));
        assertThat(bench.level().getLast().id()).isEqualTo(back);
        calm();
        drag(middle(card(1)), MouseButton.PRIMARY).dropTo(left(card(0)));
        assertThat(bench.level().getFirst().id()).isEqualTo(front);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.level().getFirst().id()).isEqualTo(back);
    }

    private ElementId placed(String thing, double x, double y) throws Exception {
        dragFromShelf(thing, x, y);
        return only().id();
    }

    private Bounds card(int index) {
        Node card = lookup("#cards .list-cell")
                .match(n -> n instanceof ListCell<?> c && c.getIndex() == index && !c.isEmpty())
                .query();
        return card.localToScreen(card.getBoundsInLocal());
    }

    private static javafx.geometry.Point2D middle(Bounds b) {
        return new javafx.geometry.Point2D(b.getCenterX(), b.getMinY() + 14);
    }

    private static javafx.geometry.Point2D right(Bounds b) {
        return new javafx.geometry.Point2D(b.getMaxX() - 6, b.getCenterY());
    }

    private static javafx.geometry.Point2D left(Bounds b) {
        return new javafx.geometry.Point2D(b.getMinX() + 4, b.getCenterY());
    }
}

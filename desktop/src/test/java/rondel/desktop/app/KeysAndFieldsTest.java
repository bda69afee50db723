package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.Cursor;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.SetStroke;
import rondel.desktop.field.FigureField;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;

/** Keys go where the keyboard is, fields say beside themselves what can't be, and jobs that are dropped are opened. */
class KeysAndFieldsTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    @TempDir
    Path folder;

    @BeforeEach
    void sample() throws Exception {
        onFx(() -> bench.open(SampleJob.make(), Optional.empty()));
        calm();
        select("leaf");
    }

    private FigureField field(String id) {
        return lookup(id).queryAs(FigureField.class);
    }

    private double width() {
        return Extent.onSheet(bench.job().located(new ElementId("leaf")))
                .orElseThrow()
                .width();
    }

    @Test
    void keysInAFieldOrOnTheShelfDoNotReachTheSheet() throws Exception {
        int before = bench.sheet().elements().size();
        clickOn("#width").push(KeyCode.SHORTCUT, KeyCode.D).push(KeyCode.SHORTCUT, KeyCode.G);
        clickOn("#find").push(KeyCode.SHORTCUT, KeyCode.D).push(KeyCode.DELETE);
        onFx(() -> window.shelf().lookupAll(".list-view").stream()
                .findFirst()
                .orElseThrow()
                .requestFocus());
        push(KeyCode.DELETE);
        assertThat(bench.sheet().elements()).hasSize(before);
        assertThat(bench.canUndo()).isFalse();
        keys(KeyCode.DELETE);
        assertThat(bench.sheet().elements()).hasSize(before - 1);
    }

    @Test
    void whatCannotBeIsSaidBesideTheFieldAndEscapePutsItBack() {
        for (String wrong : List.of("wide", "2.5.1", "1e9 in", "0", "-3")) {
            clickOn("#width").push(KeyCode.SHORTCUT, KeyCode.A).write(wrong).push(KeyCode.ENTER);
            assertThat(field("#width").getStyleClass()).as(wrong).contains("wrong");
            assertThat(field("#width").note()).as(wrong).isNotEmpty();
            assertThat(width()).isCloseTo(20, within(1e-9));
        }
        push(KeyCode.ESCAPE);
        assertThat(field("#width").getText()).isEqualTo("20.00 mm");
        assertThat(field("#width").getStyleClass()).doesNotContain("wrong");
        assertThat(field("#width").note()).isEmpty();
        assertThat(bench.selection()).hasSize(1);
    }

    @Test
    void arrowKeysStepAndLeavingTheFieldMakesItSo() {
        clickOn("#width").push(KeyCode.UP);
        double fine = bench.job().unit().fineNudge();
        double coarse = bench.job().unit().coarseNudge();
        assertThat(width()).isCloseTo(20 + fine, within(1e-9));
        push(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(width()).isCloseTo(20 + fine - coarse, within(1e-9));
        clickOn("#turn").push(KeyCode.SHORTCUT, KeyCode.A).write("22 1/2");
        clickOn("#name");
        assertThat(bench.selected().getFirst().ownToSheet().rotation()).isCloseTo(22.5, within(1e-9));
        assertThat(field("#turn").getText()).isEqualTo("22.5°");
    }

    @Test
    void anotherWidthKeepsTheDashes() {
        Stroke dashed =
                new Stroke(Paint.solid(Rgba.BLACK), 0.4, Stroke.Cap.BUTT, Stroke.Join.MITER, 4, List.of(3.0, 1.0), 0);
        onFx(() -> bench.perform(new SetStroke(bench.selectedIds(), Optional.of(dashed))));
        onFx(() -> {
            field("#lineWidth").setText("0.8 mm");
            field("#lineWidth").fireEvent(new ActionEvent());
        });
        ShapeElement leaf = (ShapeElement) only();
        assertThat(leaf.stroke().orElseThrow()).isEqualTo(dashed.withWidth(0.8));
    }

    @Test
    void theDropperKeepsItsCursorUntilAColourIsTaken() {
        onFx(() -> window.commands().get("pickColour").run());
        moveTo(screen(new Point(100, 100)));
        moveTo(screen(new Point(120, 110)));
        assertThat(window.sheet().getCursor()).isEqualTo(Cursor.CROSSHAIR);
        clickOn(screen(new Point(20, 20)));
        moveTo(screen(new Point(120, 120)));
        assertThat(window.sheet().getCursor()).isEqualTo(Cursor.DEFAULT);
    }

    @Test
    void aJobThatIsDroppedOpensAndWithAltItIsPlaced() throws Exception {
        Job other = SampleJob.make().withTitle("Another");
        Path file = folder.resolve("another.rondel");
        JobFile.write(other, file, PictureLevels.usual());
        int before = bench.sheet().elements().size();
        onFx(() -> window.actions().drop(List.of(file), new Point(100, 100), true));
        calm();
        assertThat(bench.job().title()).isEqualTo("Sample");
        assertThat(bench.sheet().elements().size()).as(notice()).isGreaterThan(before);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        onFx(() -> window.actions().drop(List.of(file), new Point(100, 100), false));
        calm();
        assertThat(bench.job().title()).isEqualTo("Another");
        assertThat(bench.file()).contains(file);
        assertThat(Files.exists(file)).isTrue();
    }

    @Test
    void sizesOfTextFieldsAreFieldsToo() {
        assertThat(lookup("#turn").queryAs(TextField.class)).isInstanceOf(FigureField.class);
        assertThat(lookup("#shadow-angle").queryAs(TextField.class)).isInstanceOf(FigureField.class);
    }
}

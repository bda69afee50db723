package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.field.FigureField;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;

class WindowTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    @TempDir
    private Path folder;

    @Test
    void aPersonPlacesSizesGroupsSavesReopensAndExports() throws Exception {
        dragFromShelf("whale", 80, 80);
        ElementId whale = only().id();
        type("#width", "3 5/8 in");
        assertThat(boxOf(whale).width()).isCloseTo(92.075, within(1e-9));
        assertThat(lookup("#width").queryAs(TextField.class).getText()).isEqualTo("3.625 in");

        dragFromShelf("crab", 220, 200);
        ElementId crab = only().id();
        type("#x", "150mm");
        assertThat(boxOf(crab).x()).isCloseTo(150, within(1e-9));

        keys(KeyCode.SHORTCUT, KeyCode.A);
        assertThat(bench.selection()).containsExactlyInAnyOrder(whale, crab);
        keys(KeyCode.SHORTCUT, KeyCode.G);
        ElementId group = only().id();
        assertThat(only()).isInstanceOf(GroupElement.class);

        keys(KeyCode.ENTER);
        assertThat(bench.depth()).isEqualTo(1);
        assertThat(bench.level()).hasSize(2);
        keys(KeyCode.ESCAPE);
        assertThat(bench.selection()).containsExactly(group);

        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.G);
        assertThat(bench.sheet().elements()).hasSize(2);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.sheet().elements()).hasSize(1);
        assertThat(bench.selection()).containsExactly(group);

        answers.job = folder.resolve("page.rondel");
        keys(KeyCode.SHORTCUT, KeyCode.S);
        calm();
        assertThat(answers.job).exists();
        assertThat(bench.unsaved()).isFalse();
        Job saved = bench.job();

        keys(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(bench.job().title()).isEqualTo("Fresh");
        keys(KeyCode.SHORTCUT, KeyCode.O);
        calm();
        assertThat(bench.job()).isEqualTo(saved);

        answers.export = folder.resolve("page.pdf");
        keys(KeyCode.SHORTCUT, KeyCode.E);
        calm();
        try (PDDocument pdf = Loader.loadPDF(answers.export.toFile())) {
            assertThat(pdf.getPage(0).getTrimBox().getWidth()).isEqualTo(864f);
        }
    }

    @Test
    void aThingFromTheShelfLandsWhereItIsDroppedAtItsTrueSize() throws Exception {
        dragFromShelf("lighthouse", 150, 120);
        Box box = boxOf(only().id());
        assertThat(box.centre().distanceTo(new Point(150, 120))).isLessThan(1.5);
        assertThat(box.height()).isBetween(70.0, 83.0);
    }

    @Test
    void theMouseSelectsMovesAndSizes() throws Exception {
        dragFromShelf("whale", 100, 100);
        ElementId whale = only().id();
        Box before = boxOf(whale);

        clickOn(screen(new Point(20, 290)));
        assertThat(bench.selection()).isEmpty();
        clickOn(screen(before.centre()));
        assertThat(bench.selection()).containsExactly(whale);

        Point to = before.centre().plus(60, 30);
        dragHolding(KeyCode.CONTROL, before.centre(), before.centre().plus(9, 9), to);
        calm();
        assertThat(boxOf(whale).centre().distanceTo(to)).isLessThan(1e-3);

        Box moved = boxOf(whale);
        drag(screen(new Point(moved.right(), moved.bottom())), MouseButton.PRIMARY)
                .dropTo(screen(new Point(moved.right() - 30, moved.bottom() - 10)));
        calm();
        Box sized = boxOf(whale);
        assertThat(sized.width()).isLessThan(moved.width());
        assertThat(sized.width() / sized.height()).isCloseTo(moved.width() / moved.height(), within(1e-6));
        assertThat(sized.x()).isCloseTo(moved.x(), within(1e-6));
    }

    @Test
    void aBoxCatchesOnlyWhatItEncloses() throws Exception {
        dragFromShelf("crab", 60, 60);
        ElementId crab = only().id();
        dragFromShelf("starfish", 220, 220);
        Box box = boxOf(crab).grown(8);
        drag(screen(new Point(box.x(), box.y())), MouseButton.PRIMARY)
                .dropTo(screen(new Point(box.right(), box.bottom())));
        assertThat(bench.selection()).containsExactly(crab);
        drag(screen(new Point(box.x(), box.y())), MouseButton.PRIMARY)
                .dropTo(screen(boxOf(crab).centre()));
        assertThat(bench.selection()).isEmpty();
    }

    @Test
    void whatIsNoLengthIsRefusedWithASentenceAndChangesNothing() throws Exception {
        dragFromShelf("crab", 60, 60);
        Job before = bench.job();
        type("#height", "two inches");
        assertThat(bench.job()).isSameAs(before);
        assertThat(lookup("#height").queryAs(FigureField.class).note()).contains("two inches", "3 5/8 in");
    }

    @Test
    void keysNudgeTurnAndStack() throws Exception {
        dragFromShelf("crab", 60, 60);
        ElementId crab = only().id();
        dragFromShelf("starfish", 220, 220);
        onFx(() -> bench.select(List.of(crab)));
        double x = boxOf(crab).x();
        keys(KeyCode.RIGHT);
        assertThat(boxOf(crab).x()).isCloseTo(x + 25.4 / 64, within(1e-9));
        keys(KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(boxOf(crab).x()).isCloseTo(x + 25.4 / 64 + 25.4 / 8, within(1e-9));
        keys(KeyCode.SHORTCUT, KeyCode.CLOSE_BRACKET);
        assertThat(bench.level().getLast().id()).isEqualTo(crab);
        keys(KeyCode.SHORTCUT, KeyCode.R);
        assertThat(only().placement().rotation()).isCloseTo(90, within(1e-9));
        keys(KeyCode.DELETE);
        assertThat(bench.level()).hasSize(1);
    }

    @Test
    void aFileThatIsNoPictureIsRefusedAndTheJobStays() throws Exception {
        calm();
        Path broken = Files.writeString(folder.resolve("broken.svg"), "<svg xmlns='http://www.w3.org/2000/svg'><path");
        answers.artwork = List.of(broken);
        Job before = bench.job();
        keys(KeyCode.SHORTCUT, KeyCode.I);
        calm();
        assertThat(bench.job()).isSameAs(before);
        assertThat(notice()).contains("broken.svg");
    }

    @Test
    void everyButtonAndFieldHasANameForAScreenReader() throws Exception {
        dragFromShelf("crab", 60, 60);
        lookup(".text-field, .toggle-button, .choice-box, .color-picker").queryAll().stream()
                .filter(n -> n.isVisible() && !n.getStyleClass().contains("arrow-button"))
                .forEach(n -> assertThat(n.getAccessibleText()).as(n.toString()).isNotBlank());
    }

    @Test
    void shiftAddsToTheSelectionAndAltCatchesWhatABoxTouches() throws Exception {
        dragFromShelf("crab", 60, 60);
        ElementId crab = only().id();
        dragFromShelf("starfish", 220, 220);
        ElementId starfish = only().id();
        clickHolding(KeyCode.SHIFT, boxOf(crab).centre());
        assertThat(bench.selection()).containsExactlyInAnyOrder(crab, starfish);
        clickHolding(KeyCode.SHIFT, boxOf(starfish).centre());
        assertThat(bench.selection()).containsExactly(crab);
        onFx(bench::selectNothing);
        Box box = boxOf(crab);
        dragHolding(KeyCode.ALT, new Point(box.x() - 8, box.y() - 8), new Point(40, 40), box.centre());
        assertThat(bench.selection()).containsExactly(crab);
    }

    @Test
    void noTwoCommandsTakeTheSameKeys() throws Exception {
        calm();
        java.util.Map<String, String> taken = new java.util.HashMap<>();
        window.commands().all().forEach(c -> c.keys().ifPresent(k -> assertThat(taken.put(k.getName(), c.id()))
                .as(k.getName())
                .isNull()));
    }
}

package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.command.Command;
import rondel.desktop.look.Theme;
import rondel.formats.job.JobFile;
import rondel.formats.preferences.Preferences;
import rondel.formats.preferences.PreferencesFile;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.Extent;

/** What is preferred, changed in the window, and what follows from it. */
class PreferencesWindowTest extends BenchFixture {

    @TempDir
    Path folder;

    @AfterEach
    void day() {
        onFx(() -> window.appearance().show(Theme.LIGHT));
    }

    private void part(int place) throws Exception {
        run("preferences");
        calm();
        onFx(() -> lookup("#preference-parts")
                .<ListView<?>>query()
                .getSelectionModel()
                .select(place));
        calm();
    }

    private <T> void choose(String id, T value) throws Exception {
        onFx(() -> lookup(id).<ChoiceBox<T>>query().setValue(value));
        calm();
    }

    private double left() {
        Element first = bench.sheet().elements().getLast();
        return Extent.of(first, Affine.IDENTITY).orElseThrow().x();
    }

    @Test
    void looksHoldAtOnce() throws Exception {
        part(0);
        choose("#preferred-theme", Theme.DARK);
        assertThat(window.appearance().theme()).isEqualTo(Theme.DARK);
        assertThat(desk.preferred().now().theme()).isEqualTo("dark");
        onFx(() -> lookup("#preferred-still").queryAs(CheckBox.class).fire());
        calm();
        assertThat(window.getStyleClass()).contains("still");
        choose("#preferred-language", "de");
        assertThat(desk.preferred().now().language()).isEqualTo("de");
        push(KeyCode.ESCAPE);
        calm();
        assertThat(lookup("#preferences").query().isVisible()).isFalse();
    }

    @Test
    void arrowKeysMoveByWhatIsPreferred() throws Exception {
        openDemo("tide-card");
        onFx(() -> bench.select(
                java.util.List.of(bench.sheet().elements().getLast().id())));
        calm();
        double before = left();
        onFx(() -> desk.preferred().change(p -> p.withNudge(Optional.of(3.0))));
        run("nudgeRight");
        calm();
        assertThat(left() - before).isCloseTo(3, org.assertj.core.data.Offset.offset(1e-6));
        part(1);
        onFx(() -> lookup("#preferred-usual-nudge").queryButton().fire());
        calm();
        push(KeyCode.ESCAPE);
        before = left();
        run("nudgeRight");
        calm();
        assertThat(left() - before)
                .isCloseTo(bench.job().unit().fineNudge(), org.assertj.core.data.Offset.offset(1e-6));
    }

    @Test
    void anotherKeyMeansACommandAndAClashIsSaid() throws Exception {
        part(2);
        clickOn("#find-key").write("Flip left");
        calm();
        ListView<Command> keys = lookup("#keys").query();
        onFx(() -> keys.getSelectionModel().selectFirst());
        clickOn("#press-key");
        push(KeyCode.SHORTCUT, KeyCode.S);
        calm();
        assertThat(lookup("#key-said").queryAs(Labeled.class).getText()).contains("“Save”");
        assertThat(desk.preferred().now().keys()).isEmpty();
        clickOn("#press-key");
        push(KeyCode.M);
        calm();
        assertThat(lookup("#key-said").queryAs(Labeled.class).getText()).contains("Ctrl or Alt");
        clickOn("#press-key");
        push(KeyCode.ALT, KeyCode.F9);
        calm();
        assertThat(lookup("#key-said").queryAs(Labeled.class).getText()).isEmpty();
        assertThat(desk.preferred().now().keys()).isEqualTo(Map.of("flipAcross", "Alt+F9"));
        push(KeyCode.ESCAPE);
        openDemo("tide-card");
        onFx(() -> bench.select(
                java.util.List.of(bench.sheet().elements().getLast().id())));
        calm();
        onFx(() -> window.sheet().requestFocus());
        push(KeyCode.ALT, KeyCode.F9);
        calm();
        assertThat(bench.canUndo()).isTrue();
    }

    @Test
    void foldersAndMachinesAreKept() throws Exception {
        part(3);
        answers.nextFolder = Optional.of(folder);
        onFx(() -> lookup("#folder-exports").queryButton().fire());
        calm();
        assertThat(desk.preferred().now().folder("exports")).contains(folder.toString());
        part(4);
        clickOn("#machine-cutter").write("nowhere").push(KeyCode.ENTER);
        calm();
        assertThat(lookup("#machine-wrong").queryAs(Labeled.class).getText()).contains("nowhere");
        clickOn("#machine-cutter")
                .push(KeyCode.SHORTCUT, KeyCode.A)
                .write("cutter.local:9100")
                .push(KeyCode.ENTER);
        calm();
        assertThat(desk.preferred().now().device(Preferences.CUTTER)).isEqualTo("cutter.local:9100");
        assertThat(lookup("#machine-wrong").queryAs(Labeled.class).getText()).isEmpty();
    }

    @Test
    void aJobWithAFileIsSavedByItself() throws Exception {
        Path file = folder.resolve("card.rondel");
        openDemo("tide-card");
        answers.job = file;
        run("saveAs");
        calm();
        byte[] before = Files.readAllBytes(file);
        onFx(() -> bench.select(
                java.util.List.of(bench.sheet().elements().getLast().id())));
        calm();
        run("nudgeRight");
        calm();
        assertThat(window.autosave().isWaiting()).isFalse();
        onFx(() -> desk.preferred().change(p -> p.withAutosave(1)));
        assertThat(window.autosave().isWaiting()).isTrue();
        onFx(() -> window.autosave().now());
        calm();
        assertThat(bench.unsaved()).isFalse();
        assertThat(Files.readAllBytes(file)).isNotEqualTo(before);
        assertThat(JobFile.read(file)).isEqualTo(bench.job());
        assertThat(window.autosave().isWaiting()).isFalse();
    }

    @Test
    void whatIsPreferredIsKeptInAReadableFile() throws Exception {
        Path file = folder.resolve("preferences.json");
        PreferencesFile kept = new PreferencesFile(file);
        UnaryOperator<Preferences> change = p -> p.withUnit("cm")
                .withAutosave(5)
                .withNudge(Optional.of(0.25))
                .withKeys(Map.of("save", "Alt+S"))
                .withDevice(Preferences.SHOP, "http://localhost:8080");
        kept.change(change);
        assertThat(Files.readString(file)).contains("\"unit\" : \"cm\"", "\"save\" : \"Alt+S\"");
        assertThat(kept.read().preferences()).isEqualTo(change.apply(Preferences.USUAL));
        Files.writeString(file, "{\"autosave\":\"often\",\"keys\":7,\"nudge\":-3,\"theme\":\"dark\"}");
        Preferences odd = kept.read().preferences();
        assertThat(odd.autosave()).isZero();
        assertThat(odd.keys()).isEmpty();
        assertThat(odd.theme()).isEqualTo("dark");
    }
}

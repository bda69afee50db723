package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.job.JobFile;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RowSettings;
import rondel.job.Sheet;
import rondel.job.Way;

/** One person with a keyboard and no mouse makes a sheet of stickers, from the empty sheet to the files for others: built, ganged, printed, cut, handed
 *  off. */
class KeyboardStickersTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
    }

    @TempDir
    private Path folder;

    private void fill(String id, String text) throws Exception {
        keyboardTo(id);
        push(KeyCode.SHORTCUT, KeyCode.A).write(text).push(KeyCode.ENTER);
        calm();
    }

    private void ask(String words) throws Exception {
        push(KeyCode.SHORTCUT, KeyCode.K);
        calm();
        write(words);
        calm();
        push(KeyCode.ENTER);
        calm();
    }

    /** A thing from the shelf as a sticker of a width at a place, with its kiss-cut line. */
    private void sticker(String thing, String width, String x, String y) throws Exception {
        fill("find", thing);
        keyboardTo("shelf-" + thing);
        push(KeyCode.ENTER);
        calm();
        fill("width", width);
        fill("x", x);
        fill("y", y);
        push(KeyCode.ESCAPE).push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.K);
        calm();
    }

    /** Waits until nothing is sent any more. */
    private void sent() throws Exception {
        for (int i = 0; i < 600 && window.run().sending().isRunning() || i < 8; i++) {
            Thread.sleep(50);
        }
        calm();
    }

    @Test
    void aSheetOfStickersIsBuiltGangedCutAndHandedOff() throws Exception {
        calm();
        answers.sheet = Optional.of(now -> new SheetForm("Stickers", 101.6, 152.4, 0, 3, Optional.of(Rgba.WHITE)));
        push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.M);
        calm();

        sticker("octopus", "1.5 in", "1 in", "1 in");
        sticker("crab", "1.5 in", "1 in", "3.5 in");
        Sheet made = bench.sheet();
        assertThat(made.elements()).filteredOn(e -> e.role() == Role.KISS_CUT).hasSize(2);
        assertThat(boxOf(made.elements().stream()
                                .filter(e -> e.name().startsWith("octopus"))
                                .findFirst()
                                .orElseThrow()
                                .id())
                        .width())
                .isCloseTo(38.1, within(1e-6));

        push(KeyCode.SHORTCUT, KeyCode.F3);
        calm();
        push(KeyCode.ESCAPE);
        ask("lay out on stock");
        assertThat(bench.job().plans()).hasSize(1);
        fill("gang-gutter-x", "4 mm");
        RowSettings rows = ((Way.Rows) bench.job().plans().getFirst().way()).settings();
        assertThat(rows.gutterX()).isEqualTo(4);

        push(KeyCode.SHORTCUT, KeyCode.F4);
        calm();
        keyboardTo("pass-1");
        push(KeyCode.DOWN);
        calm();
        push(KeyCode.SHORTCUT, KeyCode.ENTER);
        sent();
        assertThat(lookup("#run-verdict").<Label>query().getText()).startsWith("Cut: 0.");
        assertThat(lookup("#done-2").<CheckBox>query().isSelected()).isTrue();

        push(KeyCode.SHORTCUT, KeyCode.F5);
        calm();
        keyboardTo("set-1");
        push(KeyCode.DOWN);
        calm();
        answers.handOffTarget = folder.resolve("out");
        push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.ENTER);
        calm();
        try (var files = Files.list(folder.resolve("out"))) {
            assertThat(files).isNotEmpty();
        }

        answers.job = folder.resolve("stickers.rondel");
        push(KeyCode.SHORTCUT, KeyCode.S);
        calm();
        assertThat(JobFile.read(answers.job)).isEqualTo(bench.job());
    }
}

package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.export.ExportFormat;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Rgba;
import rondel.job.TextElement;

/** One person with a keyboard and no mouse makes a 5 x 7 in card. */
class KeyboardCardTest extends BenchFixture {

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

    private static boolean inside(Node node, Parent parent) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n == parent) {
                return true;
            }
        }
        return false;
    }

    @Test
    void aCardIsBuiltSavedAndSentOutByKeyboardAlone() throws Exception {
        calm();
        answers.sheet = Optional.of(
                now -> new SheetForm("Front", 127, 177.8, 3.175, 6.35, Optional.of(new Rgba(0xfb, 0xf7, 0xee, 255))));
        push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.M);
        assertThat(bench.sheet().width()).isEqualTo(127);

        fill("find", "whale");
        keyboardTo("shelf-whale");
        push(KeyCode.ENTER);
        calm();
        ElementId whale = only().id();
        fill("width", "3 in");
        assertThat(boxOf(whale).width()).isCloseTo(76.2, within(1e-9));
        push(KeyCode.ESCAPE).push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.A);
        calm();
        assertThat(boxOf(whale).centre().x()).isCloseTo(63.5, within(1e-9));

        push(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        ElementId text = only().id();
        keyboardTo("text-content");
        push(KeyCode.SHORTCUT, KeyCode.A).write("High tide").push(KeyCode.SHORTCUT, KeyCode.ENTER);
        calm();
        assertThat(((TextElement) only()).content()).isEqualTo("High tide");
        fill("text-size", "1/2 in");
        fill("gap-above", "1 in");
        fill("x", "1.25 in");
        Box wording = boxOf(text);
        assertThat(wording.y()).isCloseTo(25.4, within(1e-9));
        assertThat(wording.x()).isCloseTo(31.75, within(1e-9));

        keyboardTo("sheet");
        push(KeyCode.SHORTCUT, KeyCode.A);
        push(KeyCode.SHORTCUT, KeyCode.G);
        calm();
        assertThat(only().children()).hasSize(2);
        assertThat(inside(focused(), window.sheet())).isTrue();
        push(KeyCode.ENTER);
        push(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(bench.selectedIds()).isEqualTo(List.of(whale));
        push(KeyCode.ESCAPE);

        answers.job = folder.resolve("card.rondel");
        push(KeyCode.SHORTCUT, KeyCode.S);
        calm();
        assertThat(answers.job).exists();
        answers.export = folder.resolve("card.png");
        answers.choice = new ExportChoice(ExportFormat.PNG, false, 100, false);
        push(KeyCode.SHORTCUT, KeyCode.E);
        calm();
        assertThat(javax.imageio.ImageIO.read(answers.export.toFile()).getWidth())
                .isEqualTo(500);
    }
}

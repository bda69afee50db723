package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.TextElement;

/** Text written where it stands on the sheet. */
class TextInPlaceTest extends BenchFixture {

    private TextElement text() {
        return (TextElement) only();
    }

    private void doubleClick(Point at) throws Exception {
        moveTo(screen(at));
        doubleClickOn(screen(at));
        calm();
    }

    @Test
    void typingAfterAddingSaysSomethingElse() throws Exception {
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        assertThat(text().lettering().font().family()).isEqualTo("Nunito");
        write("Low tide");
        push(KeyCode.ENTER);
        write("4.30");
        calm();
        assertThat(text().lettering().content()).isEqualTo("Low tide\n4.30");
        keys(KeyCode.HOME);
        keys(KeyCode.BACK_SPACE);
        calm();
        assertThat(text().lettering().content()).isEqualTo("Low tide4.30");
        keys(KeyCode.ESCAPE);
        calm();
        keys(KeyCode.DELETE);
        calm();
        assertThat(bench.sheet().elements()).isEmpty();
    }

    @Test
    void aDoubleClickSetsTheCaretAndLettersMeanNoCommands() throws Exception {
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        write("gull");
        keys(KeyCode.ESCAPE);
        calm();
        Box box = boxOf(only().id());
        doubleClick(new Point(box.right() - 0.3, box.centre().y()));
        keys(KeyCode.END);
        write("s b");
        calm();
        assertThat(text().lettering().content()).isEqualTo("gulls b");
        assertThat(boxOf(only().id()).width()).isGreaterThan(box.width());
        keys(KeyCode.SHORTCUT, KeyCode.A);
        write("terns");
        calm();
        assertThat(text().lettering().content()).isEqualTo("terns");
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        calm();
        assertThat(text().lettering().content()).isNotEqualTo("terns");
        clickOn(screen(new Point(20, 280)));
        calm();
        assertThat(bench.selection()).isEmpty();
    }

    @Test
    void aTextThatSaysNothingAnyMoreGoes() throws Exception {
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.T);
        calm();
        keys(KeyCode.BACK_SPACE);
        calm();
        keys(KeyCode.ESCAPE);
        calm();
        assertThat(bench.sheet().elements()).isEmpty();
    }
}

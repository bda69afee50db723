package rondel.desktop.dialog;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.DialogPane;
import javafx.stage.Stage;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import rondel.desktop.app.Dialogs;
import rondel.desktop.desk.Notices;

/** The real dialogs, asked and answered. */
abstract class DialogFixture extends ApplicationTest {

    final AtomicReference<String> refused = new AtomicReference<>("");
    Dialogs dialogs;

    @Override
    public void start(Stage stage) {
        Notices notices = new Notices();
        notices.showIn(s -> {}, refused::set);
        dialogs = new Dialogs(() -> null, notices);
    }

    /** Asks, and waits until the dialog is there. */
    final <T> AtomicReference<T> asking(Supplier<T> question) throws Exception {
        AtomicReference<T> result = new AtomicReference<>();
        Platform.runLater(() -> result.set(question.get()));
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> lookup(".dialog-pane").tryQuery().isPresent());
        return result;
    }

    /** Goes on, or calls it off. */
    final void answer(ButtonBar.ButtonData data) {
        interact(() -> {
            DialogPane pane = lookup(".dialog-pane").queryAs(DialogPane.class);
            pane.getButtonTypes().stream()
                    .filter(b -> b.getButtonData() == data)
                    .findFirst()
                    .map(b -> (Button) pane.lookupButton(b))
                    .orElseThrow()
                    .fire();
        });
    }

    static <T> T answered(AtomicReference<T> result) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> result.get() != null);
        return result.get();
    }

    /** Asks, does something in the dialog, and goes on or calls it off. */
    final <T> T asked(Supplier<T> question, Runnable inside, ButtonBar.ButtonData answer) throws Exception {
        AtomicReference<T> result = asking(question);
        interact(inside);
        answer(answer);
        return answered(result);
    }

    final <T> T agreed(Supplier<T> question, Runnable inside) throws Exception {
        return asked(question, inside, ButtonBar.ButtonData.OK_DONE);
    }
}

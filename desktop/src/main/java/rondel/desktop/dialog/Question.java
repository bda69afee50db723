package rondel.desktop.dialog;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.Window;
import rondel.desktop.help.GuidePage;
import rondel.words.Words;

/** A question with a few answers, a button each. One that is closed without an answer has that of the button that leaves things as they are. */
public final class Question<T> {

    private final String title;
    private final String text;
    private final GuidePage page;
    private final ButtonType leave;
    private final Map<ButtonType, T> answers = new LinkedHashMap<>();

    private Question(String title, String text, GuidePage page, ButtonType leave, T left) {
        this.title = title;
        this.text = text;
        this.page = page;
        this.leave = leave;
        answers.put(leave, left);
    }

    /** A question that can be left by “Cancel”.
     *
     * @param title its key in the bundle
     * @param text as it is shown
     * @param left the answer then */
    public static <T> Question<T> of(String title, String text, GuidePage page, T left) {
        return new Question<>(title, text, page, ButtonType.CANCEL, left);
    }

    /** A question whose button that leaves things as they are is called {@code leave}, a key in the bundle. */
    public static <T> Question<T> of(String title, String text, GuidePage page, String leave, T left) {
        ButtonType button = new ButtonType(Words.of(leave), ButtonBar.ButtonData.CANCEL_CLOSE);
        return new Question<>(title, text, page, button, left);
    }

    /** What one would mostly want, which Enter means too. */
    public Question<T> usually(String key, T answer) {
        return or(key, ButtonBar.ButtonData.YES, answer);
    }

    /** What is instead of that. */
    public Question<T> otherwise(String key, T answer) {
        return or(key, ButtonBar.ButtonData.NO, answer);
    }

    /** What can't be taken back, or takes something from somebody: it stands apart. */
    public Question<T> apart(String key, T answer) {
        return or(key, ButtonBar.ButtonData.LEFT, answer);
    }

    private Question<T> or(String key, ButtonBar.ButtonData place, T answer) {
        answers.put(new ButtonType(Words.of(key), place), answer);
        return this;
    }

    public T ask(Window owner) {
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, text);
        alert.getButtonTypes().setAll(answers.keySet());
        FormDialog.prepare(alert, owner, Words.of(title), page);
        return answers.get(alert.showAndWait().filter(answers::containsKey).orElse(leave));
    }
}

package rondel.desktop.field;

import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import rondel.desktop.look.Hint;
import rondel.words.Refusal;
import rondel.words.Words;

/** The one field for lengths, angles and numbers. Enter, or leaving it, makes what is typed so; Escape puts back what was; the
 *  arrow keys step, with Shift farther. What can't be is red, with the reason beside it. What is left as it was shown stays
 *  exactly what it was, however it was rounded. */
@SuppressWarnings("this-escape") // what hears of it hears only once it is made
public class FigureField extends TextField {

    private static final String WRONG = "wrong";

    private final Figure figure;
    private final DoubleConsumer typed;
    private final FieldNote note = new FieldNote(this);
    private OptionalDouble value = OptionalDouble.empty();
    private String shown = "";

    /** A field of a dialog, which asks for its value. */
    public FigureField(String id, Figure figure) {
        this(id, "", figure, v -> {});
    }

    /** @param name for people who can't see it, and as a hint
     *  @param typed hears of a new value */
    public FigureField(String id, String name, Figure figure, DoubleConsumer typed) {
        this.figure = figure;
        this.typed = typed;
        setId(id);
        setPrefColumnCount(name.isEmpty() ? 10 : 6);
        if (!name.isEmpty()) {
            setAccessibleText(name);
            Hint.on(this, name + "  " + Words.of("field.steps"));
        }
        getStyleClass().add("length-field");
        setOnAction(e -> commit());
        focusedProperty().addListener((o, before, now) -> {
            if (now) {
                selectAll();
            } else {
                commit();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    private void pressed(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if (e.getCode() == KeyCode.ESCAPE) {
            putBack();
            e.consume();
        } else if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
            step(e.getCode() == KeyCode.UP, e.isShiftDown());
            e.consume();
        }
    }

    private void putBack() {
        setText(shown);
        right();
        if (getParent() != null) {
            getParent().requestFocus();
        }
    }

    private void step(boolean up, boolean far) {
        if (isDisabled()) {
            return;
        }
        try {
            double now = getText().equals(shown) && value.isPresent() ? value.getAsDouble() : figure.of(getText());
            double next = figure.stepped(up, far).applyAsDouble(now);
            show(OptionalDouble.of(next));
            selectAll();
            typed.accept(next);
        } catch (Refusal e) {
            wrong(e);
        }
    }

    /** Shows a value; nothing where there is none, or several. */
    public void show(OptionalDouble other) {
        value = other;
        shown = other.isPresent() ? figure.write().apply(other.getAsDouble()) : "";
        right();
        setText(shown);
        if (!disableProperty().isBound()) {
            setDisable(other.isEmpty());
            setPromptText(other.isEmpty() ? Words.of("field.none") : "");
        }
    }

    public void show(double other) {
        show(OptionalDouble.of(other));
    }

    /** What is in it.
     *
     * @throws Refusal if what was typed can't be; it is marked then */
    public final double value() {
        if (getText().equals(shown) && value.isPresent()) {
            return value.getAsDouble();
        }
        try {
            double read = figure.of(getText());
            right();
            return read;
        } catch (Refusal e) {
            wrong(e);
            throw e;
        }
    }

    private void commit() {
        if (getText().equals(shown) || isDisabled()) {
            right();
            return;
        }
        try {
            double read = figure.of(getText());
            shown = getText();
            value = OptionalDouble.of(read);
            right();
            typed.accept(read);
        } catch (Refusal e) {
            wrong(e);
        }
    }

    private void right() {
        getStyleClass().remove(WRONG);
        note.hide();
    }

    private void wrong(Refusal why) {
        if (!getStyleClass().contains(WRONG)) {
            getStyleClass().add(WRONG);
        }
        note.show(why.getMessage());
    }

    /** The reason that stands beside it; empty where nothing is wrong. */
    public String note() {
        return note.text();
    }
}

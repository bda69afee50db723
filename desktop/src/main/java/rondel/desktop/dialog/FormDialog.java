package rondel.desktop.dialog;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Modality;
import javafx.stage.Window;
import rondel.desktop.field.Unneeded;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpEvent;
import rondel.desktop.look.Hint;
import rondel.desktop.look.Theme;
import rondel.words.Refusal;
import rondel.words.Words;

/** A dialog of labelled fields with one button that goes on and one that does not. */
public final class FormDialog {

    private final GuidePage page;
    private final GridPane form = new GridPane(10, 10);
    private static final double WIDEST = 380;

    private final Label wrong = new Label();
    private final Label out = new Label();
    private Optional<Supplier<String>> told = Optional.empty();
    private int rows;

    /** @param page of the guide that is about it */
    public FormDialog(GuidePage page) {
        this.page = page;
        form.getStyleClass().add("form");
    }

    /** Adds a field under the label of a key in the bundle. */
    public FormDialog row(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        form.addRow(rows++, label, field);
        Unneeded.hidden(field, label);
        return this;
    }

    /** Adds a field that needs no label of its own. */
    public FormDialog row(Node field) {
        form.add(field, 1, rows++);
        Unneeded.hidden(field);
        return this;
    }

    /** Has the dialog say what it will do, while it is filled in.
     *
     * @param says the sentence; throws a {@link Refusal} where what is typed can't be, whose sentence is shown then */
    public FormDialog saying(Supplier<String> says) {
        told = Optional.of(says);
        return this;
    }

    private void tell() {
        told.ifPresent(says -> {
            try {
                out.setText(says.get());
            } catch (Refusal why) {
                out.setText(why.getMessage());
            }
        });
    }

    /** Says it anew after whatever was typed, pressed or chosen. */
    private void keepTelling(Dialog<?> dialog) {
        out.setId("form-out");
        out.getStyleClass().add("quiet");
        out.setWrapText(true);
        out.setMaxWidth(WIDEST);
        out.setMinHeight(Region.USE_PREF_SIZE);
        out.setVisible(told.isPresent());
        out.managedProperty().bind(out.visibleProperty());
        dialog.getDialogPane().addEventFilter(InputEvent.ANY, e -> Platform.runLater(this::tell));
        dialog.getDialogPane().addEventFilter(ActionEvent.ACTION, e -> Platform.runLater(this::tell));
        tell();
    }

    /** Shows it and waits. While something that was typed can't be, it stays open and says why.
     *
     * @param answer what the fields say; throws a {@link Refusal} where that can't be
     * @return the answer; nothing where the person did not go on */
    public <T> Optional<T> ask(Window owner, String title, String go, Supplier<T> answer) {
        Dialog<T> dialog = new Dialog<>();
        ButtonType on = new ButtonType(go, ButtonBar.ButtonData.OK_DONE);
        wrong.setId("form-wrong");
        wrong.getStyleClass().add("form-wrong");
        wrong.setWrapText(true);
        wrong.setMaxWidth(WIDEST);
        wrong.managedProperty().bind(wrong.visibleProperty());
        wrong.setVisible(false);
        dialog.getDialogPane().setContent(new VBox(8, form, out, wrong));
        keepTelling(dialog);
        dialog.getDialogPane().getButtonTypes().setAll(on, ButtonType.CANCEL);
        AtomicReference<Optional<T>> given = new AtomicReference<>(Optional.empty());
        dialog.getDialogPane().lookupButton(on).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                given.set(Optional.of(answer.get()));
            } catch (Refusal why) {
                wrong.setText(why.getMessage());
                wrong.setVisible(true);
                dialog.getDialogPane().getScene().getWindow().sizeToScene();
                e.consume();
            }
        });
        dialog.setResultConverter(b -> b == on ? given.get().orElse(null) : null);
        prepare(dialog, owner, title, page);
        return dialog.showAndWait();
    }

    /** Gives any dialog the window's look, and the “?” that leads to the page about it.
     *
     * @param page of the guide */
    public static void prepare(Dialog<?> dialog, Window owner, String title, GuidePage page) {
        dialog.setTitle(title);
        dialog.setHeaderText(title);
        dialog.setGraphic(null);
        if (owner != null) {
            dialog.initOwner(owner);
            // The guide can be read meanwhile.
            dialog.initModality(Modality.WINDOW_MODAL);
            help(dialog, owner.getScene().getRoot(), page);
        }
        Theme.like(
                dialog.getDialogPane(), owner == null ? null : owner.getScene().getRoot());
    }

    private static void help(Dialog<?> dialog, Parent window, GuidePage page) {
        ButtonType about = new ButtonType("?", ButtonBar.ButtonData.HELP_2);
        dialog.getDialogPane().getButtonTypes().add(about);
        Button button = (Button) dialog.getDialogPane().lookupButton(about);
        ButtonBar.setButtonUniformSize(button, false);
        button.setAccessibleText(Words.of("guide.about", page.title()));
        Hint.on(button, Words.of("guide.about", page.title()));
        button.addEventFilter(ActionEvent.ACTION, e -> {
            Event.fireEvent(window, new HelpEvent(page));
            e.consume();
        });
        dialog.getDialogPane().addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.F1) {
                Event.fireEvent(window, new HelpEvent(page));
                e.consume();
            }
        });
    }
}

package rondel.desktop.dialog;

import javafx.scene.Node;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import rondel.desktop.app.Theme;
import rondel.words.Words;

/** A dialog of labelled fields with one button that goes on and one that does not. */
public final class FormDialog {

    private final GridPane form = new GridPane(10, 10);
    private int rows;

    public FormDialog() {
        form.getStyleClass().add("form");
    }

    /** Adds a field under the label of a key in the bundle. */
    public FormDialog row(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        form.addRow(rows++, label, field);
        return this;
    }

    /** Adds a field that needs no label of its own. */
    public FormDialog row(Node field) {
        form.add(field, 1, rows++);
        return this;
    }

    /** Shows it and waits; true where the person went on. */
    public boolean ask(Window owner, String title, String go) {
        Dialog<ButtonType> dialog = new Dialog<>();
        dialog.getDialogPane().setContent(form);
        dialog.getDialogPane()
                .getButtonTypes()
                .setAll(new ButtonType(go, ButtonBar.ButtonData.OK_DONE), ButtonType.CANCEL);
        prepare(dialog, owner, title);
        return dialog.showAndWait()
                .filter(b -> b.getButtonData() == ButtonBar.ButtonData.OK_DONE)
                .isPresent();
    }

    /** Gives any dialog the window's look. */
    public static void prepare(Dialog<?> dialog, Window owner, String title) {
        dialog.setTitle(title);
        dialog.setHeaderText(title);
        dialog.setGraphic(null);
        if (owner != null) {
            dialog.initOwner(owner);
        }
        Theme.dress(dialog.getDialogPane());
    }
}

package rondel.desktop.field;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import rondel.words.Words;

/** A field behind its label, in one row. */
public final class LabelledRow {

    private LabelledRow() {}

    /** @param key of the label in the bundle */
    public static HBox of(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        HBox row = new HBox(8, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}

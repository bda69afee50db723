package rondel.desktop.field;

import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Popup;
import javafx.stage.Window;
import rondel.desktop.look.Theme;

/** The sentence below a field that says why what is typed there can't be. */
final class FieldNote {

    private static final double WIDEST = 224;
    private static final double GAP = 3;
    private static final double EDGE = 8;

    private final TextField field;
    private final Label label = new Label();
    private final Popup popup = new Popup();

    FieldNote(TextField field) {
        this.field = field;
        label.getStyleClass().add("field-note");
        label.setWrapText(true);
        label.setMaxWidth(WIDEST);
        Theme.dress(label);
        popup.setHideOnEscape(false); // the field puts back what was
        popup.getContent().add(label);
        field.sceneProperty().addListener((o, before, now) -> hide());
    }

    void show(String sentence) {
        label.setText(sentence);
        field.setAccessibleHelp(sentence);
        Bounds at = field.localToScreen(field.getBoundsInLocal());
        if (at != null && field.getScene().getWindow().isShowing()) {
            Window window = field.getScene().getWindow();
            double furthest = window.getX() + window.getWidth() - WIDEST - EDGE;
            popup.show(field, Math.min(at.getMinX(), furthest), at.getMaxY() + GAP);
        }
    }

    void hide() {
        label.setText("");
        field.setAccessibleHelp(null);
        popup.hide();
    }

    String text() {
        return label.getText();
    }
}

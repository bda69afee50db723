package rondel.desktop.field;

import java.util.Optional;
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
    private Optional<Shown> shown = Optional.empty();

    /** Made when there is first something to say: most fields never have. */
    private record Shown(Label label, Popup popup) {}

    FieldNote(TextField field) {
        this.field = field;
        field.sceneProperty().addListener((o, before, now) -> hide());
    }

    private static Shown made() {
        Label label = new Label();
        Popup popup = new Popup();
        label.getStyleClass().add("field-note");
        label.setWrapText(true);
        label.setMaxWidth(WIDEST);
        popup.setHideOnEscape(false); // the field puts back what was
        popup.getContent().add(label);
        return new Shown(label, popup);
    }

    void show(String sentence) {
        shown = shown.or(() -> Optional.of(made()));
        Popup popup = shown.orElseThrow().popup;
        shown.orElseThrow().label.setText(sentence);
        Theme.like(shown.orElseThrow().label, field);
        field.setAccessibleHelp(sentence);
        Bounds at = field.localToScreen(field.getBoundsInLocal());
        if (at != null && field.getScene().getWindow().isShowing()) {
            Window window = field.getScene().getWindow();
            double furthest = window.getX() + window.getWidth() - WIDEST - EDGE;
            popup.show(field, Math.min(at.getMinX(), furthest), at.getMaxY() + GAP);
        }
    }

    void hide() {
        field.setAccessibleHelp(null);
        shown.ifPresent(s -> {
            s.label.setText("");
            s.popup.hide();
        });
    }

    String text() {
        return shown.map(s -> s.label.getText()).orElse("");
    }
}

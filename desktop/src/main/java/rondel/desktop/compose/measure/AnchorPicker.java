package rondel.desktop.compose.measure;

import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import rondel.desktop.look.Hint;
import rondel.geometry.Anchor;
import rondel.words.Words;

/** Nine places on a box, of which one stays put when sizes are typed, and whose place X and Y say. */
final class AnchorPicker extends GridPane {

    private final ObjectProperty<Anchor> chosen = new SimpleObjectProperty<>(Anchor.TOP_LEFT);

    AnchorPicker() {
        getStyleClass().add("anchor-picker");
        ToggleGroup group = new ToggleGroup();
        for (Anchor a : Anchor.values()) {
            ToggleButton button = new ToggleButton();
            button.setId("anchor-" + a.name().toLowerCase(java.util.Locale.ROOT));
            button.setAccessibleText(Words.of("anchor." + a.name()));
            Hint.on(button, Words.of("anchor." + a.name()));
            button.setToggleGroup(group);
            button.setSelected(a == chosen.get());
            button.setOnAction(e -> {
                button.setSelected(true);
                chosen.set(a);
            });
            add(button, a.ordinal() % 3, a.ordinal() / 3);
        }
    }

    ObjectProperty<Anchor> chosen() {
        return chosen;
    }
}

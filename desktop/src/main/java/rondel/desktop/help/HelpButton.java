package rondel.desktop.help;

import javafx.event.EventTarget;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import rondel.desktop.look.Hint;
import rondel.words.Words;

/** The “?” of a part of the window or of a dialog. By keyboard F1 does the same, so it is no stop of Tab. */
public final class HelpButton {

    private HelpButton() {}

    public static Button of(GuidePage page) {
        Button button = new Button("?");
        button.getStyleClass().add("help-button");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setAccessibleText(Words.of("guide.about", page.title()));
        Hint.on(button, Words.of("guide.about", page.title()));
        button.setOnAction(e -> button.fireEvent(new HelpEvent(page)));
        return button;
    }

    /** Leads from somewhere else, such as a dialog, to the page. */
    public static Button of(GuidePage page, EventTarget window) {
        Button button = of(page);
        button.setOnAction(e -> javafx.event.Event.fireEvent(window, new HelpEvent(page)));
        return button;
    }

    /** The title of a part of the window with its “?”.
     *
     * @param key of the title in the bundle */
    public static HBox titled(String key, GuidePage page) {
        Label title = new Label(Words.of(key));
        title.getStyleClass().add("side-title");
        return titled(title, page);
    }

    /** A title that is there with a “?” behind it. */
    public static HBox titled(Label title, GuidePage page) {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox both = new HBox(6, title, space, of(page));
        both.setAlignment(Pos.CENTER_LEFT);
        // Wherever the keyboard is in the part that it heads, F1 leads to the same page.
        both.parentProperty().addListener((o, before, part) -> {
            if (part != null) {
                Guide.about(part, page);
            }
        });
        return both;
    }
}

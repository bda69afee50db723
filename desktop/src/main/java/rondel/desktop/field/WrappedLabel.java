package rondel.desktop.field;

import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** Words over as many rows as they need, none of which is cut. */
public final class WrappedLabel {

    private WrappedLabel() {}

    /** @param style its style class */
    public static Label of(String text, String style) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }
}

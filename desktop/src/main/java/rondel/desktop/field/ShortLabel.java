package rondel.desktop.field;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import rondel.words.Words;

/** The word or two before a narrow field, never cut: the field gives way. */
public final class ShortLabel {

    private ShortLabel() {}

    /** @param key of the word in the bundle */
    public static Label of(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }
}

package rondel.desktop.look;

import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Tooltip;

/** A name that a person has given: where it has no room it is cut in its middle, as names that belong together begin alike and differ at their
 *  ends; the whole of it is in the tooltip. */
public final class NameLabel extends Label {

    public NameLabel() {
        this("");
    }

    public NameLabel(String name) {
        super(name);
        setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        setMinWidth(0);
        Tooltip whole = new Tooltip();
        whole.textProperty().bind(textProperty());
        setTooltip(whole);
    }
}

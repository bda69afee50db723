package rondel.desktop.look;

import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;

/** A name that a person has given: where it has no room it is cut in its middle, as names that belong together begin alike and differ at their
 *  ends; the whole of it is in its hint. */
public final class NameLabel extends Label {

    public NameLabel() {
        this("");
    }

    public NameLabel(String name) {
        super(name);
        setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        setMinWidth(0);
        Hint.on(this, this::getText);
    }
}

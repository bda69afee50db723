package rondel.desktop.field;

import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** Buttons or cards in rows, which are one stop of the Tab key together. */
public final class RovingPane extends FlowPane {

    /** @param across between them, in px
     *  @param down between their rows, in px */
    public RovingPane(double across, double down, Node... all) {
        super(across, down, all);
        RovingFocus.over(this);
    }
}

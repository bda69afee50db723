package rondel.desktop.stage;

import javafx.scene.layout.Region;

/** What stands in the window while a stage is open, and what happens when it opens and closes. */
public interface StageView {

    /** At the left of the middle. */
    Region left();

    /** The middle: the sheet, or something of the stage's own. */
    Region middle();

    /** At the right of the middle. */
    Region right();

    /** The stage has been opened. */
    default void entered() {}

    /** Another stage is about to be opened. */
    default void left(StageView next) {}
}

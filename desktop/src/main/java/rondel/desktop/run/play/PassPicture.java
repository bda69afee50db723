package rondel.desktop.run.play;

import javafx.scene.layout.Region;

/** A picture of a pass that can be played and looked at closely. */
public interface PassPicture {

    /** What stands in the window. */
    Region region();

    /** Plays how it is made, or halts that. */
    void play();

    /** What it is looked at on. */
    PassPane pane();

    /** Shows all of it. */
    default void fit() {
        pane().fit();
    }

    /** Shows it as large as it is. */
    default void trueSize() {
        pane().trueSize();
    }

    default void zoom(double factor) {
        pane().zoom(factor);
    }
}

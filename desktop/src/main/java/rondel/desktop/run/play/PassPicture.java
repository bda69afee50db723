package rondel.desktop.run.play;

import javafx.scene.layout.Region;

/** A picture of a pass that can be played and looked at closely. */
public interface PassPicture {

    /** What stands in the window. */
    Region region();

    /** Plays how it is made, or halts that. */
    void play();

    /** Shows all of it. */
    void fit();

    /** Shows it as large as it is. */
    void trueSize();

    void zoom(double factor);
}

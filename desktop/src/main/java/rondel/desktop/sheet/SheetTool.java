package rondel.desktop.sheet;

import javafx.scene.input.KeyEvent;
import rondel.geometry.Point;

/** What is in hand instead of the pointer: presses on the sheet are its own until it is put down. */
public interface SheetTool {

    /** What a press begins. */
    Press press(Pointer at);

    /** The pointer moves with no button held.
     *
     * @param sheet where, in mm */
    default void hover(Point sheet, Gesture.Keys keys) {}

    /** A key pressed over the sheet; true where it meant the tool. */
    default boolean key(KeyEvent e) {
        return false;
    }

    /** It is no longer in hand: whatever it shows goes. */
    default void putDown() {}
}

package rondel.desktop.sheet;

import rondel.geometry.Point;

/** Where the pointer is while a button is held.
 *
 * @param pressed where the button went down, in px of the view
 * @param now where it is, in px of the view
 * @param sheet the same place on the sheet, in mm */
public record Pointer(Point pressed, Point now, Point sheet, Gesture.Keys keys) {

    private static final double STILL = 3;

    /** Whether it is so far from where it went down that a drag is meant. */
    public boolean hasMoved() {
        return pressed.distanceTo(now) > STILL;
    }
}

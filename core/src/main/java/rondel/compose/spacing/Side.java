package rondel.compose.spacing;

import rondel.geometry.Axis;

/** On which side of something a gap is. */
public enum Side {
    LEFT(Axis.HORIZONTAL, true),
    RIGHT(Axis.HORIZONTAL, false),
    ABOVE(Axis.VERTICAL, true),
    BELOW(Axis.VERTICAL, false);

    private final Axis axis;
    private final boolean before;

    Side(Axis axis, boolean before) {
        this.axis = axis;
        this.before = before;
    }

    public Axis axis() {
        return axis;
    }

    /** Whether the gap is at the low end of the axis. */
    public boolean before() {
        return before;
    }
}

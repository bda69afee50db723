package rondel.compose.spacing;

import rondel.geometry.Axis;
import rondel.geometry.Box;

/** What of a box lines up. */
public enum Edge {
    LEFT(Axis.HORIZONTAL, 0),
    CENTRE(Axis.HORIZONTAL, 0.5),
    RIGHT(Axis.HORIZONTAL, 1),
    TOP(Axis.VERTICAL, 0),
    MIDDLE(Axis.VERTICAL, 0.5),
    BOTTOM(Axis.VERTICAL, 1);

    private final Axis axis;
    private final double share;

    Edge(Axis axis, double share) {
        this.axis = axis;
        this.share = share;
    }

    /** The axis along which things move to line up. */
    public Axis axis() {
        return axis;
    }

    /** Where it is on the axis, in mm. */
    double of(Box box) {
        return axis.of(box).at(share);
    }
}

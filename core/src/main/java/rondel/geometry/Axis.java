package rondel.geometry;

/** Left to right, or top to bottom. */
public enum Axis {
    HORIZONTAL,
    VERTICAL;

    /** A box's stretch along this axis. */
    public Span of(Box box) {
        return this == HORIZONTAL ? new Span(box.x(), box.right()) : new Span(box.y(), box.bottom());
    }

    public Axis other() {
        return this == HORIZONTAL ? VERTICAL : HORIZONTAL;
    }

    /** The move by {@code distance} along this axis. */
    public Affine move(double distance) {
        return this == HORIZONTAL ? Affine.translate(distance, 0) : Affine.translate(0, distance);
    }
}

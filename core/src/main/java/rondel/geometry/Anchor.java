package rondel.geometry;

/** One of nine places on a box: what stays put when it is sized or turned. */
public enum Anchor {
    TOP_LEFT(0, 0),
    TOP(0.5, 0),
    TOP_RIGHT(1, 0),
    LEFT(0, 0.5),
    CENTRE(0.5, 0.5),
    RIGHT(1, 0.5),
    BOTTOM_LEFT(0, 1),
    BOTTOM(0.5, 1),
    BOTTOM_RIGHT(1, 1);

    private final double across;
    private final double down;

    Anchor(double across, double down) {
        this.across = across;
        this.down = down;
    }

    /** 0 at the left edge, 1 at the right. */
    public double across() {
        return across;
    }

    /** 0 at the top edge, 1 at the bottom. */
    public double down() {
        return down;
    }

    public Anchor opposite() {
        return values()[values().length - 1 - ordinal()];
    }
}

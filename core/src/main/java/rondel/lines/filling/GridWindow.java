package rondel.lines.filling;

/** A part of a grid of samples. */
record GridWindow(int left, int top, int width, int height) {

    static final GridWindow NONE = new GridWindow(0, 0, 0, 0);

    static GridWindow of(DistanceField all) {
        return new GridWindow(0, 0, all.columns(), all.rows());
    }

    /** Without width or height where it would end before it begins.
     *
     * @param right where it ends: the first column beyond it
     * @param bottom the first row beyond it */
    static GridWindow between(int left, int top, int right, int bottom) {
        return new GridWindow(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
    }

    int right() {
        return left + width;
    }

    int bottom() {
        return top + height;
    }

    /** Where a sample of the grid is among those of this part, row by row. */
    int index(int column, int row) {
        return (row - top) * width + column - left;
    }

    /** The smallest part with both in it. */
    GridWindow around(GridWindow other) {
        return between(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right(), other.right()),
                Math.max(bottom(), other.bottom()));
    }

    /** What two parts have in common; without width or height where that is nothing. */
    GridWindow shared(GridWindow other) {
        return between(
                Math.max(left, other.left),
                Math.max(top, other.top),
                Math.min(right(), other.right()),
                Math.min(bottom(), other.bottom()));
    }
}

package rondel.lines.filling;

/** A part of a grid of samples. */
record Window(int left, int top, int width, int height) {

    static final Window NONE = new Window(0, 0, 0, 0);

    static Window of(DistanceField all) {
        return new Window(0, 0, all.columns(), all.rows());
    }

    /** Without width or height where it would end before it begins.
     *
     * @param right where it ends: the first column beyond it
     * @param bottom the first row beyond it */
    static Window between(int left, int top, int right, int bottom) {
        return new Window(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
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
    Window around(Window other) {
        return between(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right(), other.right()),
                Math.max(bottom(), other.bottom()));
    }

    /** What two parts have in common; without width or height where that is nothing. */
    Window shared(Window other) {
        return between(
                Math.max(left, other.left),
                Math.max(top, other.top),
                Math.min(right(), other.right()),
                Math.min(bottom(), other.bottom()));
    }
}

package rondel.filling;

/** A part of a grid of samples. */
record Window(int left, int top, int width, int height) {

    static Window of(DistanceField all) {
        return new Window(0, 0, all.columns(), all.rows());
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
        int fromLeft = Math.min(left, other.left);
        int fromTop = Math.min(top, other.top);
        return new Window(
                fromLeft,
                fromTop,
                Math.max(right(), other.right()) - fromLeft,
                Math.max(bottom(), other.bottom()) - fromTop);
    }

    /** What two parts have in common; without width or height where that is nothing. */
    Window shared(Window other) {
        int fromLeft = Math.max(left, other.left);
        int fromTop = Math.max(top, other.top);
        return new Window(
                fromLeft,
                fromTop,
                Math.max(0, Math.min(right(), other.right()) - fromLeft),
                Math.max(0, Math.min(bottom(), other.bottom()) - fromTop));
    }
}

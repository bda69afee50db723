package rondel.lines.filling;

/** A copy, and how far each sample in a window around it is from it. */
record CopyDistances(Placement placement, GridWindow window, float[] distances) {

    /** Samples that are farther from it than they are said to be are brought nearer.
     *
     * @param within only those
     * @param values of the samples of a part of the grid
     * @param of that part
     * @param less by how much less than from it they may be */
    void lower(GridWindow within, float[] values, GridWindow of, float less) {
        GridWindow both = window.shared(within);
        for (int j = both.top(); j < both.bottom(); j++) {
            int k = of.index(both.left(), j);
            int d = window.index(both.left(), j);
            for (int i = both.left(); i < both.right(); i++, k++, d++) {
                values[k] = Math.min(values[k], distances[d] - less);
            }
        }
    }

    /** The part of its window in which no other thing is nearer.
     *
     * @param values how far all samples are from anything, less than from a copy by
     * @param less
     * @param of the whole grid */
    GridWindow nearest(float[] values, GridWindow of, float less) {
        int left = Integer.MAX_VALUE;
        int right = -1;
        int top = Integer.MAX_VALUE;
        int bottom = -1;
        for (int j = window.top(); j < window.bottom(); j++) {
            int k = of.index(window.left(), j);
            int d = window.index(window.left(), j);
            for (int i = window.left(); i < window.right(); i++, k++, d++) {
                if (distances[d] - less <= values[k]) {
                    left = Math.min(left, i);
                    right = Math.max(right, i);
                    top = Math.min(top, j);
                    bottom = j;
                }
            }
        }
        return right < 0 ? GridWindow.NONE : GridWindow.between(left, top, right + 1, bottom + 1);
    }
}

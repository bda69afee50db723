package rondel.raster;

/** Rows of values averaged over 3 x 3 pixels with binomial weights: the steps of a hard edge become a slope, whose level line
 *  runs where the edge was before it was cut into pixels. Rows have to be asked for in order. */
public final class Softened implements LevelLines.Rows {

    private final LevelLines.Rows hard;
    private final int height;
    private int[] above;
    private int[] here;
    private int[] below;
    private int next;

    /** @param height how many rows there are */
    public Softened(LevelLines.Rows hard, int width, int height) {
        this.hard = hard;
        this.height = height;
        this.above = new int[width];
        this.here = new int[width];
        this.below = new int[width];
    }

    @Override
    public void read(int y, int[] row) {
        if (y == 0) {
            next = 0;
            hard.read(0, here);
            System.arraycopy(here, 0, above, 0, row.length);
            hard.read(Math.min(1, height - 1), below);
        } else if (y == next) {
            int[] free = above;
            above = here;
            here = below;
            below = free;
            if (y + 1 < height) {
                hard.read(y + 1, below);
            } else {
                System.arraycopy(here, 0, below, 0, row.length);
            }
        } else {
            throw new IllegalArgumentException("row " + y + " after " + (next - 1));
        }
        next = y + 1;
        int n = row.length;
        int left = above[0] + 2 * here[0] + below[0];
        int middle = left;
        for (int x = 0; x < n; x++) {
            int at = Math.min(n - 1, x + 1);
            int right = above[at] + 2 * here[at] + below[at];
            row[x] = (left + 2 * middle + right + 8) >> 4;
            left = middle;
            middle = right;
        }
    }
}

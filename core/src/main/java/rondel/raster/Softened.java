package rondel.raster;

/** Rows of values averaged over 3 x 3 pixels with binomial weights: the steps of a hard edge become a slope, whose level line
 *  runs where the edge was before it was cut into pixels. Rows have to be asked for in order. */
public final class Softened implements LevelLines.Rows {

    private final LevelLines.Rows hard;
    private final int height;
    private final int[] columns;
    private int[] above;
    private int[] here;
    private int[] below;
    private int next;

    /** @param height how many rows there are */
    public Softened(LevelLines.Rows hard, int width, int height) {
        this.hard = hard;
        this.height = height;
        this.columns = new int[width + 2];
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
        for (int x = 0; x < n; x++) {
            columns[x + 1] = above[x] + 2 * here[x] + below[x];
        }
        columns[0] = columns[1];
        columns[n + 1] = columns[n];
        for (int x = 0; x < n; x++) {
            row[x] = (columns[x] + 2 * columns[x + 1] + columns[x + 2] + 8) >> 4;
        }
    }
}

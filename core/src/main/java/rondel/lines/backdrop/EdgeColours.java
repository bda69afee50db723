package rondel.lines.backdrop;

import java.util.stream.IntStream;

/** The colours that backdrop and motif have beside their edge, carried over it from either side: what is surely one of them,
 *  averaged over what is near; further off, what it is further off. Told tile by tile, and only where it is asked for: most of
 *  a picture lies far from any edge. */
final class EdgeColours {

    private final float[][] rgb;
    private final boolean[] backdrop;
    private final boolean[] mixed;
    private final int width;
    private final int height;
    private final int reach;
    private final int cellsAcross;
    private final int cellsDown;
    private final float[][] behindFarOff;
    private final float[][] motifFarOff;

    /** Hears of pixels; of several at a time. */
    interface Visitor {
        /** @param behind red, green and blue of the backdrop there, 0 to 255
         *  @param motif and of the motif */
        void pixel(int i, float[] behind, float[] motif);
    }

    /** @param mixed where a pixel is surely neither
     *  @param reach over how many pixels colours are averaged, either way */
    EdgeColours(float[][] rgb, boolean[] backdrop, boolean[] mixed, int width, int reach) {
        this.rgb = rgb;
        this.backdrop = backdrop;
        this.mixed = mixed;
        this.width = width;
        this.height = backdrop.length / width;
        this.reach = reach;
        this.cellsAcross = (width + BackdropTuning.CELL - 1) / BackdropTuning.CELL;
        this.cellsDown = (height + BackdropTuning.CELL - 1) / BackdropTuning.CELL;
        this.behindFarOff = farOff(true);
        this.motifFarOff = farOff(false);
    }

    private float[][] farOff(boolean ofBackdrop) {
        float[] weight = new float[cellsAcross * cellsDown];
        float[][] sums = new float[3][weight.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (!mixed[i] && backdrop[i] == ofBackdrop) {
                    int k = y / BackdropTuning.CELL * cellsAcross + x / BackdropTuning.CELL;
                    weight[k]++;
                    for (int c = 0; c < 3; c++) {
                        sums[c][k] += rgb[c][i];
                    }
                }
            }
        }
        float[][] planes = new float[3][weight.length];
        for (int c = 0; c < 3; c++) {
            for (int k = 0; k < weight.length; k++) {
                sums[c][k] /= Math.max(1, weight[k]);
            }
            PushPull.plane(sums[c], weight, cellsAcross, cellsDown, planes[c]);
        }
        return planes;
    }

    /** Tells of each pixel that is wanted. */
    void visit(boolean[] wanted, Visitor visitor) {
        int across = (width + BackdropTuning.TILE - 1) / BackdropTuning.TILE;
        int down = (height + BackdropTuning.TILE - 1) / BackdropTuning.TILE;
        IntStream.range(0, across * down)
                .parallel()
                .forEach(
                        t -> tile(t % across * BackdropTuning.TILE, t / across * BackdropTuning.TILE, wanted, visitor));
    }

    private void tile(int left, int top, boolean[] wanted, Visitor visitor) {
        int right = Math.min(width, left + BackdropTuning.TILE);
        int bottom = Math.min(height, top + BackdropTuning.TILE);
        if (!isWanted(wanted, left, top, right, bottom)) {
            return;
        }
        Part part = new Part(
                Math.max(0, left - reach),
                Math.max(0, top - reach),
                Math.min(width, right + reach),
                Math.min(height, bottom + reach));
        Side behind = new Side(part, true);
        Side motif = new Side(part, false);
        float[] one = new float[3];
        float[] other = new float[3];
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                if (wanted[y * width + x]) {
                    behind.at(x, y, one);
                    motif.at(x, y, other);
                    visitor.pixel(y * width + x, one, other);
                }
            }
        }
    }

    private boolean isWanted(boolean[] wanted, int left, int top, int right, int bottom) {
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                if (wanted[y * width + x]) {
                    return true;
                }
            }
        }
        return false;
    }

    /** A tile with what is within reach of it. */
    private record Part(int left, int top, int right, int bottom) {
        int width() {
            return right - left;
        }

        int height() {
            return bottom - top;
        }
    }

    /** The colours of one of the two in a part of the picture. */
    private final class Side {
        private final Part part;
        private final float[] near;
        private final float[][] sums = new float[3][];
        private final float[][] farOff;

        Side(Part part, boolean ofBackdrop) {
            this.part = part;
            this.farOff = ofBackdrop ? behindFarOff : motifFarOff;
            float[] sure = new float[part.width() * part.height()];
            float[][] planes = new float[3][sure.length];
            for (int k = 0; k < sure.length; k++) {
                int i = (part.top + k / part.width()) * width + part.left + k % part.width();
                if (!mixed[i] && backdrop[i] == ofBackdrop) {
                    sure[k] = 1;
                    for (int c = 0; c < 3; c++) {
                        planes[c][k] = rgb[c][i];
                    }
                }
            }
            near = BoxFilter.box(sure, part.width(), part.height(), reach);
            for (int c = 0; c < 3; c++) {
                sums[c] = BoxFilter.box(planes[c], part.width(), part.height(), reach);
            }
        }

        void at(int x, int y, float[] colour) {
            int k = (y - part.top) * part.width() + x - part.left;
            for (int c = 0; c < 3; c++) {
                colour[c] = near[k] > BackdropTuning.CERTAIN
                        ? sums[c][k] / near[k]
                        : PushPull.between(
                                farOff[c],
                                cellsAcross,
                                cellsDown,
                                (x - (BackdropTuning.CELL - 1) / 2f) / BackdropTuning.CELL,
                                (y - (BackdropTuning.CELL - 1) / 2f) / BackdropTuning.CELL);
            }
        }
    }
}

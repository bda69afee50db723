package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Box;

/** One square of the picture of a sheet at one scale.
 *
 * @param scale px a mm, in px as views count them
 * @param density how many of the screen's own px one of those is wide: 2 on a screen at 200 % */
record TileKey(double scale, int column, int row, double density) {

    /** The side of a tile in px. */
    static final int SIDE = 512;

    /** The tiles that a window of this size sees, middle first. */
    static List<TileKey> visible(Viewport viewport, double width, double height, double density) {
        int left = (int) Math.floor(-viewport.originX() / SIDE);
        int top = (int) Math.floor(-viewport.originY() / SIDE);
        int right = (int) Math.floor((width - viewport.originX()) / SIDE);
        int bottom = (int) Math.floor((height - viewport.originY()) / SIDE);
        List<TileKey> keys = new ArrayList<>();
        for (int row = top; row <= bottom; row++) {
            for (int column = left; column <= right; column++) {
                keys.add(new TileKey(viewport.scale(), column, row, density));
            }
        }
        double middleColumn = (left + right) / 2.0;
        double middleRow = (top + bottom) / 2.0;
        keys.sort(java.util.Comparator.comparingDouble(k -> Math.hypot(k.column - middleColumn, k.row - middleRow)));
        return keys;
    }

    /** How many of the screen's own px it is wide. */
    int pixels() {
        return (int) Math.ceil(SIDE * density);
    }

    /** The part of the sheet it shows, in mm. */
    Box area() {
        double side = SIDE / scale;
        return new Box(column * side, row * side, side, side);
    }
}

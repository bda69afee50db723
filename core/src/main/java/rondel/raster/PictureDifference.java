package rondel.raster;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import rondel.progress.Cancellation;

/** Where two pictures differ: boxes around what hangs together of the cells with a pixel that looks different (connected-component labelling over a
 *  coarse grid). */
public final class PictureDifference {

    /** Cells, in pixels: what is nearer to each other is told as one. */
    private static final int CELL = 8;

    /** A channel that differs by less is the same to the eye. */
    private static final int SAME = 20;

    private PictureDifference() {}

    /** Boxes in pixels, from the top; where one picture is larger, what the other lacks differs. */
    public static List<Rectangle> of(BufferedImage a, BufferedImage b) {
        int w = Math.max(a.getWidth(), b.getWidth());
        int h = Math.max(a.getHeight(), b.getHeight());
        int across = (w + CELL - 1) / CELL;
        int down = (h + CELL - 1) / CELL;
        boolean[] differs = new boolean[across * down];
        for (int y = 0; y < h; y++) {
            Cancellation.check();
            for (int x = 0; x < w; x++) {
                if (differ(a, b, x, y)) {
                    differs[y / CELL * across + x / CELL] = true;
                }
            }
        }
        List<Rectangle> found = new ArrayList<>();
        for (int i = 0; i < differs.length; i++) {
            if (differs[i]) {
                Rectangle box = joined(differs, i, across, down);
                found.add(new Rectangle(box.x * CELL, box.y * CELL, box.width * CELL, box.height * CELL)
                        .intersection(new Rectangle(w, h)));
            }
        }
        return found;
    }

    private static boolean differ(BufferedImage a, BufferedImage b, int x, int y) {
        boolean inA = x < a.getWidth() && y < a.getHeight();
        boolean inB = x < b.getWidth() && y < b.getHeight();
        if (!inA || !inB) {
            return true;
        }
        int p = a.getRGB(x, y);
        int q = b.getRGB(x, y);
        for (int shift = 0; p != q && shift < 32; shift += 8) {
            if (Math.abs((p >>> shift & 255) - (q >>> shift & 255)) > SAME) {
                return true;
            }
        }
        return false;
    }

    /** The box around all cells that hang together with one, in cells; they count as found from then on. */
    private static Rectangle joined(boolean[] differs, int from, int across, int down) {
        Rectangle box = new Rectangle(from % across, from / across, 1, 1);
        Deque<Integer> open = new ArrayDeque<>(List.of(from));
        differs[from] = false;
        while (!open.isEmpty()) {
            int at = open.pop();
            box.add(new Rectangle(at % across, at / across, 1, 1));
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    int x = at % across + dx;
                    int y = at / across + dy;
                    if (x >= 0 && y >= 0 && x < across && y < down && differs[y * across + x]) {
                        differs[y * across + x] = false;
                        open.push(y * across + x);
                    }
                }
            }
        }
        return box;
    }
}

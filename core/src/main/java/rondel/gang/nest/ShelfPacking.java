package rondel.gang.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A first packing by boxes: the highest first, side by side on shelves, shelf below shelf, sheet after sheet. It is found at once, and always,
 *  where every piece fits on some sheet. */
final class ShelfPacking {

    private ShelfPacking() {}

    /** @param width of each sheet, and {@code length}
     *  @return nothing left over, or the numbers of the pieces that found no place are in {@code left} */
    static Packing of(List<NestPiece> pieces, double[] width, double[] length, List<Integer> left) {
        Arrangement all = new Arrangement(pieces, width, length);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            order.add(i);
            all.shape[i] = flattest(pieces.get(i), width[0]);
        }
        order.sort(Comparator.comparingDouble((Integer i) -> -all.shape[i].height())
                .thenComparing(i -> i));
        int on = 0;
        double x = 0;
        double y = 0;
        double shelf = 0;
        for (int i : order) {
            NestShape s = all.shape[i];
            boolean put = false;
            while (!put && on < width.length) {
                if (x + s.width() <= width[on] + 1e-9 && y + s.height() <= length[on] + 1e-9) {
                    put = true;
                } else if (x > 0 && y + shelf + s.height() <= length[on] + 1e-9) {
                    x = 0;
                    y += shelf;
                    shelf = 0;
                } else {
                    on++;
                    x = 0;
                    y = 0;
                    shelf = 0;
                }
            }
            if (!put) {
                left.add(i);
                on = width.length;
                continue;
            }
            all.sheet[i] = on;
            all.x[i] = x - s.minX;
            all.y[i] = y - s.minY;
            x += s.width();
            shelf = Math.max(shelf, s.height());
        }
        return Packing.of(all);
    }

    private static NestShape flattest(NestPiece p, double width) {
        return p.shapes().stream()
                .filter(s -> s.width() <= width + 1e-9)
                .min(Comparator.comparingDouble(NestShape::height))
                .orElse(p.unturned());
    }
}

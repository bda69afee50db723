package rondel.handoff.preview;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Box;

/** Boxes in rows, all in their order and at one scale, as large as a square has room for: rows break where the next box does not fit, and each
 *  stands in the middle of the width. The scale is found by halving, since more scale never takes fewer rows. */
final class PieceRows {

    private static final int HALVINGS = 40;

    private final List<Box> boxes;
    private final double side;
    private final double gap;
    private final double under;

    /** @param gap between boxes, whatever the scale
     *  @param under kept free under each row */
    PieceRows(List<Box> boxes, double side, double gap, double under) {
        this.boxes = boxes;
        this.side = side;
        this.gap = gap;
        this.under = under;
    }

    /** Where each box goes, from (0, 0), and at what scale. */
    record Laid(double scale, List<Box> places) {}

    Laid laid() {
        double low = 0;
        double high = boxes.stream()
                .mapToDouble(b -> Math.min(side / b.width(), (side - under) / b.height()))
                .min()
                .orElse(1);
        for (int i = 0; i < HALVINGS && rows(high).isEmpty(); i++) {
            double middle = (low + high) / 2;
            if (rows(middle).isEmpty()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        double scale = rows(high).isEmpty() ? low : high;
        return new Laid(scale, rows(scale));
    }

    /** Nothing where there is not enough room. */
    private List<Box> rows(double scale) {
        List<List<Box>> rows = new ArrayList<>();
        double x = 0;
        for (Box b : boxes) {
            double wide = b.width() * scale;
            if (rows.isEmpty() || x + wide > side + 1e-9) {
                rows.add(new ArrayList<>());
                x = 0;
            }
            rows.getLast().add(new Box(x, 0, wide, b.height() * scale));
            x += wide + gap;
        }
        double all = rows.stream().mapToDouble(this::height).sum() + gap * (rows.size() - 1);
        if (all > side + 1e-9) {
            return List.of();
        }
        List<Box> places = new ArrayList<>();
        double y = (side - all) / 2;
        for (List<Box> row : rows) {
            double tall = height(row);
            double free = side - row.getLast().right();
            for (Box b : row) {
                // On one middle, so that small pieces do not hang under tall ones.
                places.add(b.moved(free / 2, y + (tall - under - b.height()) / 2));
            }
            y += tall + gap;
        }
        return places;
    }

    private double height(List<Box> row) {
        return row.stream().mapToDouble(Box::height).max().orElse(0) + under;
    }
}

package rondel.formats.artwork;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Sheet;

/** Boxes laid out like words on a page: one beside the other, and on a new line where the sheet ends.
 *
 * @param from the top left corner of the first
 * @param gap between boxes and between lines, in mm */
record Lines(Sheet sheet, Point from, double gap) {

    private static final int HALVINGS = 40;

    /** Where the first goes if nobody says where: into the corner of what is safe. */
    static Point corner(Sheet sheet) {
        return new Point(sheet.safeMargin(), sheet.safeMargin());
    }

    /** The largest factor up to 1 at which all of them fit on the sheet; 1 where none helps. */
    double largestFactor(List<Box> boxes) {
        if (fits(boxes, 1)) {
            return 1;
        }
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (fits(boxes, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low > 1e-3 ? low : 1;
    }

    private boolean fits(List<Box> boxes, double factor) {
        List<Point> corners = corners(boxes, factor);
        for (int i = 0; i < boxes.size(); i++) {
            boolean inside = corners.get(i).x() + boxes.get(i).width() * factor <= right() + 1e-9
                    && corners.get(i).y() + boxes.get(i).height() * factor <= bottom() + 1e-9;
            if (!inside) {
                return false;
            }
        }
        return true;
    }

    private double right() {
        return sheet.width() - sheet.safeMargin();
    }

    private double bottom() {
        return sheet.height() - sheet.safeMargin();
    }

    /** The top left corners of boxes made larger by a factor. */
    List<Point> corners(List<Box> boxes, double factor) {
        List<Point> corners = new ArrayList<>();
        double x = from.x();
        double y = from.y();
        double highest = 0;
        for (Box box : boxes) {
            double w = box.width() * factor;
            if (x > from.x() && x + w > right() + 1e-9) {
                x = from.x();
                y += highest + gap;
                highest = 0;
            }
            corners.add(new Point(x, y));
            x += w + gap;
            highest = Math.max(highest, box.height() * factor);
        }
        return corners;
    }
}

package rondel.desktop.sheet;

import java.util.List;
import rondel.geometry.Point;

/** What a press and a drag on the sheet do instead of selecting, while it is in hand. */
public interface SheetBrush {

    /** How wide it paints, in mm on the sheet; 0 for a mere point. */
    double radius();

    /** The style class of what it paints. */
    String style();

    /** Hears of a stroke that is done.
     *
     * @param points that it passed on the sheet; one for a click */
    void stroke(List<Point> points);
}

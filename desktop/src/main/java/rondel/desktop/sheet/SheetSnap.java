package rondel.desktop.sheet;

import java.util.Set;
import rondel.compose.snap.Snap;
import rondel.compose.snap.Snapper;
import rondel.compose.spacing.Neighbourhood;
import rondel.desktop.model.Bench;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;

/** Where a place that is drawn or dragged holds: to what lies beside it, guides, margins and the sheet. */
public final class SheetSnap {

    private final SheetView view;
    private final Snapping snapping;

    private SheetSnap(SheetView view, Snapping snapping) {
        this.view = view;
        this.snapping = snapping;
    }

    /** @param without what is being changed, to which nothing holds */
    public static SheetSnap of(SheetView view, Bench bench, Set<ElementId> without) {
        return new SheetSnap(
                view,
                Snapping.of(
                        () -> new Snapper(
                                Neighbourhood.others(bench.level(), bench.levelToSheet(), without).stream()
                                        .map(Neighbourhood.Neighbour::box)
                                        .toList(),
                                bench.sheet()),
                        new Box(0, 0, 0, 0),
                        view.viewport().scale()));
    }

    /** The place that is meant, and shows why; with Control it is where the pointer is.
     *
     * @param p in mm on the sheet */
    public Point at(Point p, Gesture.Keys keys) {
        Snap snap = keys.control() ? Snap.NONE : snapping.at(p);
        view.showSnap(snap.lines());
        return p.plus(snap.dx(), snap.dy());
    }
}

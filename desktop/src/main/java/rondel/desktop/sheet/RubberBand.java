package rondel.desktop.sheet;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import rondel.compose.pick.Picker;
import rondel.desktop.model.Bench;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;

/** Draws a box that catches what lies in it; with Alt, what it touches.
 *
 * @param from where on the sheet the box begins, in mm
 * @param before what stays selected besides */
record RubberBand(SheetView view, Bench bench, Picker picker, Point from, Set<ElementId> before) implements Press {

    @Override
    public void dragged(Pointer at) {
        view.overlay().showCatching(Optional.of(box(at)), view.viewport());
    }

    @Override
    public void released(Pointer at) {
        view.overlay().showCatching(Optional.empty(), view.viewport());
        if (at.hasMoved()) {
            Set<ElementId> caught = new LinkedHashSet<>(before);
            caught.addAll(picker.within(box(at), at.keys().alt() ? Picker.Rule.TOUCH : Picker.Rule.ENCLOSE));
            bench.select(caught);
        }
    }

    private Box box(Pointer at) {
        return Box.between(from.x(), from.y(), at.sheet().x(), at.sheet().y());
    }
}

package rondel.desktop.sheet;

import rondel.desktop.desk.Desk;

/** A press on the selection or on a handle: once the pointer moves, the selection is lifted off the sheet and dragged. */
final class SelectionPress implements Press {

    private final SheetView view;
    private final Desk desk;
    private final Gesture gesture;
    private boolean lifted;

    SelectionPress(SheetView view, Desk desk, Gesture gesture) {
        this.view = view;
        this.desk = desk;
        this.gesture = gesture;
    }

    @Override
    public void dragged(Pointer at) {
        if (!lifted && at.hasMoved()) {
            lifted = true;
            view.lift();
        }
        if (lifted) {
            view.drag(gesture.preview(at.sheet(), at.keys()), gesture.lines(at.sheet(), at.keys()));
        }
    }

    @Override
    public void released(Pointer at) {
        if (lifted) {
            gesture.finish(at.sheet(), at.keys())
                    .ifPresentOrElse(o -> desk.bench().perform(o, view::drop, view::putBack), view::putBack);
        }
    }

    @Override
    public boolean callOff() {
        if (lifted) {
            view.putBack();
        }
        return lifted;
    }
}

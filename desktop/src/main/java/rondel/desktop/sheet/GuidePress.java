package rondel.desktop.sheet;

import java.util.Optional;
import rondel.desktop.desk.Desk;

/** Drags a guide out of a ruler, along the sheet, or back. */
record GuidePress(SheetView view, Desk desk, GuideDrag guide) implements Press {

    @Override
    public void dragged(Pointer at) {
        view.showGuides(Optional.of(
                guide.preview(view.viewport(), at.now().x(), at.now().y())));
    }

    @Override
    public void released(Pointer at) {
        view.showGuides(Optional.empty());
        guide.finish(view.viewport(), at.now().x(), at.now().y()).ifPresent(desk::perform);
    }
}

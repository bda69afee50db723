package rondel.bench;

import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import rondel.desktop.app.BenchWindow;
import rondel.geometry.Point;

/** The mouse on the sheet of a window that is measured. */
public record SheetPointer(BenchWindow window) {

    /** @param at in px on the sheet's view */
    public void fire(EventType<MouseEvent> type, Point at) {
        Point2D p = window.sheet().localToScene(at.x(), at.y());
        boolean down = type != MouseEvent.MOUSE_RELEASED;
        window.sheet()
                .fireEvent(new MouseEvent(
                        type,
                        p.getX(),
                        p.getY(),
                        p.getX(),
                        p.getY(),
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        down,
                        false,
                        false,
                        true,
                        false,
                        type != MouseEvent.MOUSE_DRAGGED,
                        null));
    }
}

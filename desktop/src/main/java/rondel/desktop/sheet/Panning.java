package rondel.desktop.sheet;

import java.util.function.Supplier;
import javafx.scene.Cursor;

/** Moves the paper under the pointer.
 *
 * @param after the cursor once the button is let go */
record Panning(SheetView view, Viewport from, Supplier<Cursor> after) implements Press {

    @Override
    public void dragged(Pointer at) {
        view.look(from.panned(
                at.now().x() - at.pressed().x(), at.now().y() - at.pressed().y()));
    }

    @Override
    public void released(Pointer at) {
        view.setCursor(after.get());
    }
}

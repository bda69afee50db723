package rondel.desktop.sheet;

import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.input.InputMethodEvent;
import javafx.scene.input.InputMethodRequests;
import rondel.desktop.compose.text.TextInPlace;
import rondel.geometry.Point;
import rondel.text.TextCaret;

/** Lets the system's input methods, for scripts that need more than keys, write into a text that is edited where it stands. */
record CaretInput(SheetView view, CaretLayer layer) implements InputMethodRequests {

    void listen() {
        view.setInputMethodRequests(this);
        view.setOnInputMethodTextChanged(this::changed);
    }

    private void changed(InputMethodEvent e) {
        layer.open().ifPresent(t -> {
            if (!e.getCommitted().isEmpty()) {
                t.edit(c -> c.typed(e.getCommitted()));
            }
        });
    }

    private Optional<TextCaret> caret() {
        return layer.open().map(TextInPlace::caret);
    }

    @Override
    public Point2D getTextLocation(int offset) {
        Point at = layer.open()
                .flatMap(t -> t.places().flatMap(p -> t.toSheet().map(a -> view.viewport()
                        .toScreen()
                        .times(a)
                        .apply(p.at(t.caret().at()).bottom()))))
                .orElse(Point.ORIGIN);
        return view.localToScreen(at.x(), at.y());
    }

    @Override
    public int getLocationOffset(int x, int y) {
        return 0;
    }

    @Override
    public void cancelLatestCommittedText() {}

    @Override
    public String getSelectedText() {
        return caret().map(TextCaret::selected).orElse("");
    }
}

package rondel.desktop.sheet;

import java.util.Optional;
import rondel.desktop.compose.text.TextInPlace;

/** A press in a text that is edited where it stands: sets the caret, and a drag selects. */
record CaretPress(TextInPlace text) implements Press {

    /** How far beside the text a press still means it, in px. */
    private static final double ROOM = 12;

    /** A press at a place, or nothing where it is beside the text, which closes it.
     *
     * @param clicks two for a word */
    static Optional<Press> on(SheetView view, TextInPlace text, Pointer at, int clicks) {
        if (!text.isNear(at.sheet(), ROOM / view.viewport().scale())) {
            text.close();
            return Optional.empty();
        }
        if (clicks == 2) {
            text.selectWord(at.sheet());
        } else {
            text.caretTo(at.sheet(), at.keys().shift());
        }
        return Optional.of(new CaretPress(text));
    }

    @Override
    public void dragged(Pointer at) {
        if (at.hasMoved()) {
            text.caretTo(at.sheet(), true);
        }
    }

    @Override
    public void released(Pointer at) {}
}

package rondel.desktop.sheet;

import java.util.Optional;
import java.util.OptionalInt;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.LetterDrag;
import rondel.geometry.Point;

/** Drags a letter of an opened text, or one of its knobs. */
record LetterPress(SheetView view, LetterDrag drag) implements Press {

    /** A press on an opened text: on a knob, on a letter, or beside them, which closes it again and begins nothing.
     *
     * @param screen where, in px of the view
     * @param sheet the same place, in mm */
    static Optional<Press> on(SheetView view, LetterChoice letters, Point screen, Point sheet) {
        Optional<LetterDrag.Kind> knob = LetterLayer.knobAt(letters, view.viewport(), screen.x(), screen.y());
        if (knob.isEmpty()) {
            OptionalInt hit = letters.at(sheet);
            if (hit.isEmpty()) {
                letters.close();
                return Optional.empty();
            }
            letters.pick(hit.getAsInt());
        }
        return Optional.of(new LetterPress(
                view,
                new LetterDrag(
                        knob.orElse(LetterDrag.Kind.MOVE),
                        letters.picked().orElseThrow(),
                        letters.lettering().orElseThrow().size(),
                        letters.toSheet().orElseThrow(),
                        sheet)));
    }

    @Override
    public void dragged(Pointer at) {
        view.editing().letters().open().flatMap(LetterChoice::letter).ifPresent(l -> view.editing()
                .letters()
                .show(Optional.of(drag.placement(drag.change(at.sheet()).apply(l))), view.viewport()));
    }

    @Override
    public void released(Pointer at) {
        if (at.hasMoved()) {
            view.editing().letters().open().ifPresent(l -> l.change(drag.change(at.sheet())));
        }
    }
}

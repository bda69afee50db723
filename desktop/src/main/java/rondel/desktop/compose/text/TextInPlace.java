package rondel.desktop.compose.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import rondel.compose.arrange.Delete;
import rondel.desktop.desk.Desk;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Lettering;
import rondel.job.Located;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.TextElement;
import rondel.text.CaretPlaces;
import rondel.text.TextCaret;

/** One text that is edited where it stands: its caret and selection, and what was typed on its way to the sheet. What is typed while
 *  the text is being shaped is shaped next, all at once. One thread uses it. */
public final class TextInPlace {

    private final Desk desk;
    private final TextEdits edits;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<ElementId> id = Optional.empty();
    private TextCaret caret = TextCaret.endOf("");
    private Optional<CaretPlaces> places = Optional.empty();
    private boolean shaping;
    private Optional<Lettering> shaped = Optional.empty();
    private Optional<String> asked = Optional.empty();
    private Optional<Written> written = Optional.empty();

    /** The text as it is drawn while it is written, before the sheet is painted with it.
     *
     * @param content what it says
     * @param outline in the text's space */
    public record Written(String content, Outline outline, Rgba colour) {}

    public TextInPlace(Desk desk, TextEdits edits) {
        this.desk = desk;
        this.edits = edits;
        desk.bench().onChange(this::follow);
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Opens the one selected text, with the caret at a place on the sheet; at its end without one. */
    public void open(Optional<Point> at) {
        onlyText().ifPresent(t -> {
            begin(t, TextCaret.endOf(t.lettering().content()));
            edits.places(t.lettering(), p -> {
                arrived(t.lettering(), p);
                at.ifPresent(place -> caretTo(place, false));
            });
        });
    }

    /** Opens the one selected text with all of it selected, so that typing says something else. */
    public void openAll() {
        onlyText().ifPresent(t -> {
            begin(t, TextCaret.all(t.lettering().content()));
            edits.places(t.lettering(), p -> arrived(t.lettering(), p));
        });
    }

    private void begin(TextElement t, TextCaret at) {
        id = Optional.of(t.id());
        written = drawable(t).map(c -> new Written(t.lettering().content(), t.outline(), c));
        caret = at;
        places = Optional.empty();
        shaped = Optional.empty();
        asked = Optional.empty();
        changed();
    }

    /** Leaves it; a text that says nothing any more goes. */
    public void close() {
        Optional<TextElement> left = text();
        id = Optional.empty();
        places = Optional.empty();
        written = Optional.empty();
        if (left.isPresent() && caret.content().isBlank()) {
            desk.perform(new Delete(List.of(left.get().id())));
        }
        changed();
    }

    public boolean isOpen() {
        return id.isPresent();
    }

    public TextCaret caret() {
        return caret;
    }

    /** Where the caret may stand in the text as it is shown; nothing until that is known. */
    public Optional<CaretPlaces> places() {
        return places;
    }

    /** What is drawn over the sheet in the place of the text; nothing where its looks take more than one colour, and it is painted on
     *  the sheet as all else. */
    public Optional<Written> written() {
        return written;
    }

    /** The text that is not to be painted on the sheet meanwhile. */
    public Optional<ElementId> lifted() {
        return written.isPresent() ? id : Optional.empty();
    }

    /** The colour of a text that is no more than its letters in one colour, and stands in no group. */
    private Optional<Rgba> drawable(TextElement t) {
        boolean plain = t.stroke().isEmpty() && t.traits().shadow().isEmpty() && t.opacity() == 1;
        boolean outermost = desk.bench().depth() == 0;
        return plain && outermost && t.fill() instanceof Paint.Solid s ? Optional.of(s.colour()) : Optional.empty();
    }

    /** From the text's space to the sheet's. */
    public Optional<Affine> toSheet() {
        return id.flatMap(i -> desk.bench().job().find(i)).map(Located::ownToSheet);
    }

    private Optional<TextElement> onlyText() {
        return desk.onlySelected()
                .filter(e -> e instanceof TextElement && !e.locked())
                .map(TextElement.class::cast);
    }

    private Optional<TextElement> text() {
        return id.flatMap(i -> desk.bench().job().find(i))
                .map(Located::element)
                .filter(TextElement.class::isInstance)
                .map(TextElement.class::cast);
    }

    /** Keeps to the text through edits of it that come from elsewhere, and lets go where another thing is selected. */
    private void follow() {
        if (id.isEmpty() || shaping || isOnItsWay()) {
            return;
        }
        Optional<TextElement> now = onlyText().filter(t -> t.id().equals(id.get()));
        if (now.isEmpty()) {
            if (!desk.bench().selection().isEmpty() || text().isEmpty()) {
                close();
            }
            return;
        }
        Lettering l = now.get().lettering();
        if (shaped.filter(s -> s == l || s.equals(l)).isEmpty()) {
            caret = new TextCaret(l.content(), caret.at(), caret.anchor());
            written = drawable(now.get())
                    .map(c -> new Written(l.content(), now.get().outline(), c));
            asked = Optional.empty();
            edits.places(l, p -> arrived(l, p));
        }
    }

    /** Whether what was typed last is not yet on the sheet. */
    private boolean isOnItsWay() {
        return asked.isPresent()
                && text().filter(t -> t.lettering().content().equals(asked.get()))
                        .isEmpty()
                && !desk.bench().isSettled();
    }

    /** Whether a place on the sheet is on the text or beside it, by so many mm at most. */
    public boolean isNear(Point onSheet, double room) {
        Optional<Affine> back = toSheet().flatMap(Affine::inverse);
        if (places.isEmpty() || back.isEmpty()) {
            return places.isEmpty();
        }
        return places.get()
                .around()
                .grown(room * back.get().meanScale())
                .contains(back.get().apply(onSheet));
    }

    private void arrived(Lettering l, CaretPlaces p) {
        if (id.isPresent() && l.content().equals(caret.content())) {
            places = Optional.of(p);
            shaped = Optional.of(l);
            changed();
        }
    }

    /** Edits what it says; the sheet follows. */
    public void edit(UnaryOperator<TextCaret> how) {
        if (id.isEmpty()) {
            return;
        }
        String before = caret.content();
        caret = how.apply(caret);
        changed();
        if (!caret.content().equals(before)) {
            shape();
        }
    }

    /** Moves the caret to a place on the sheet. */
    public void caretTo(Point onSheet, boolean extend) {
        index(onSheet).ifPresent(i -> edit(c -> c.to(i, extend)));
    }

    /** Selects the word at a place on the sheet. */
    public void selectWord(Point onSheet) {
        index(onSheet).ifPresent(i -> edit(c -> c.wordAt(i)));
    }

    private Optional<Integer> index(Point onSheet) {
        return toSheet().flatMap(Affine::inverse).flatMap(back -> places.map(p -> p.nearest(back.apply(onSheet))));
    }

    /** Moves the caret to the line above or below. */
    public void vertically(int by, boolean extend) {
        places.ifPresent(p -> edit(c -> {
            int next = p.vertically(c.at(), by);
            return c.to(next != c.at() ? next : by < 0 ? 0 : c.content().length(), extend);
        }));
    }

    private void shape() {
        Optional<TextElement> text = text();
        if (shaping || text.isEmpty()) {
            return;
        }
        if (asked.orElse(text.get().lettering().content()).equals(caret.content())) {
            return;
        }
        Lettering next = text.get().lettering().saying(caret.content());
        asked = Optional.of(caret.content());
        shaping = true;
        edits.set(
                text.get(),
                next,
                (outline, p) -> {
                    written = written.map(w -> new Written(next.content(), outline, w.colour()));
                    arrived(next, p);
                },
                () -> {
                    shaping = false;
                    if (isOpen()) {
                        shape();
                    }
                });
    }

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }
}

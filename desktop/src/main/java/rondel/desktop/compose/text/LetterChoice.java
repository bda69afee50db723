package rondel.desktop.compose.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Desk;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.Lettering;
import rondel.job.Located;
import rondel.job.TextElement;
import rondel.text.PlacedLetter;

/** The letters of one text, opened to be moved one by one, and which of them is picked. Closed again when something else is
 *  selected. One thread uses it. */
public final class LetterChoice {

    private static final double REACH_OF_BLANKS = 0.15;

    private final Desk desk;
    private final TextEdits edits;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<TextElement> text = Optional.empty();
    private List<PlacedLetter> letters = List.of();
    private int picked;

    public LetterChoice(Desk desk, TextEdits edits) {
        this.desk = desk;
        this.edits = edits;
        desk.bench().onChange(this::follow);
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Opens the letters of the one selected text; nothing happens where there is none. */
    public void open() {
        onlyText().ifPresent(this::open);
    }

    private void open(TextElement t) {
        text = Optional.of(t);
        edits.letters(t.lettering(), set -> {
            if (text.filter(now -> now == t).isPresent()) {
                letters = set.stream()
                        .filter(l -> l.outline().bounds().isPresent())
                        .toList();
                picked = Math.clamp(picked, 0, Math.max(0, letters.size() - 1));
                changed();
            }
        });
    }

    public void close() {
        text = Optional.empty();
        letters = List.of();
        picked = 0;
        changed();
    }

    public boolean isOpen() {
        return text.isPresent();
    }

    private Optional<TextElement> onlyText() {
        return desk.onlySelected().filter(TextElement.class::isInstance).map(TextElement.class::cast);
    }

    /** Keeps to the text through its own edits, and lets go of it when another thing is selected. */
    private void follow() {
        if (text.isPresent()) {
            Optional<TextElement> now =
                    onlyText().filter(t -> t.id().equals(text.get().id()));
            if (now.isEmpty()) {
                close();
            } else if (now.get() != text.get()) {
                open(now.get());
            }
        }
    }

    /** The letters that can be seen, in the order of the text. */
    public List<PlacedLetter> letters() {
        return letters;
    }

    public Optional<PlacedLetter> picked() {
        return letters.isEmpty() ? Optional.empty() : Optional.of(letters.get(picked));
    }

    /** The number of the picked letter among those that can be seen, from 1. */
    public int number() {
        return picked + 1;
    }

    public void pick(int index) {
        picked = Math.floorMod(index, Math.max(1, letters.size()));
        changed();
    }

    /** Goes on to the next letter, or back, round to the other end. */
    public void step(int by) {
        pick(picked + by);
    }

    /** From the text's space to the sheet's. */
    public Optional<Affine> toSheet() {
        return text.flatMap(t -> desk.bench().job().find(t.id())).map(Located::ownToSheet);
    }

    /** The letter under a place on the sheet: the one whose box holds it. */
    public OptionalInt at(Point onSheet) {
        Optional<Affine> back = toSheet().flatMap(Affine::inverse);
        if (back.isEmpty()) {
            return OptionalInt.empty();
        }
        Point p = back.get().apply(onSheet);
        for (int i = letters.size() - 1; i >= 0; i--) {
            PlacedLetter l = letters.get(i);
            Optional<Point> own = l.placement().inverse().map(a -> a.apply(p));
            double room = REACH_OF_BLANKS * text.orElseThrow().lettering().size();
            boolean in = own.isPresent()
                    && l.outline()
                            .bounds()
                            .filter(b -> b.grown(room / 4).contains(own.get()))
                            .isPresent();
            if (in) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    public Optional<Lettering> lettering() {
        return text.map(TextElement::lettering);
    }

    /** How the picked letter stands otherwise than it was set. */
    public Optional<Lettering.Letter> letter() {
        return picked().flatMap(p -> lettering().map(l -> l.letter(p.at())));
    }

    /** Has the picked letter stand otherwise. */
    public void change(UnaryOperator<Lettering.Letter> change) {
        letter().ifPresent(now -> {
            Lettering.Letter next = change.apply(now);
            edits.change(l -> l.withLetter(next));
        });
    }

    /** The outline of the picked letter in its own space. */
    public Optional<Outline> outline() {
        return picked().map(PlacedLetter::outline);
    }

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }
}

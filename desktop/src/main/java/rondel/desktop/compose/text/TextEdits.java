package rondel.desktop.compose.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import rondel.compose.lettering.AddText;
import rondel.compose.lettering.SetText;
import rondel.desktop.compose.glyphs.GlyphPick;
import rondel.desktop.compose.glyphs.GlyphSheet;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.formats.fonts.UsualEditing;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Located;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.TextAlign;
import rondel.job.TextElement;
import rondel.operation.Operation;
import rondel.operation.Together;
import rondel.text.CaretPlaces;
import rondel.text.FontBook;
import rondel.text.GlyphCatalogue;
import rondel.text.PlacedLetter;
import rondel.text.Typesetter;
import rondel.words.Refusal;
import rondel.words.Words;

/** Edits of text: shaped in the background, then made in one step. */
public final class TextEdits {

    private static final Rgba INK = new Rgba(0x16, 0x40, 0x3d, 255);
    private static final double USUAL_SIZE = 12;

    private final Desk desk;
    private final Progress progress;
    private final Supplier<FontBook> fonts;
    private final Typesetter typesetter;
    private final FontsOfWindow offered;

    public TextEdits(Desk desk, Progress progress, Supplier<FontBook> fonts) {
        this.desk = desk;
        this.progress = progress;
        this.fonts = fonts;
        this.offered = new FontsOfWindow(desk, progress, fonts);
        this.typesetter = new Typesetter(fonts);
    }

    /** Shows every glyph of the selected text's font, and uses the one that is chosen. */
    public void glyphs(Function<GlyphSheet, Optional<GlyphPick>> choose) {
        selectedTexts().stream()
                .findFirst()
                .ifPresent(text -> progress.run(
                        Words.of("progress.glyphs"), () -> sheet(text.lettering()), sheet -> choose.apply(sheet)
                                .ifPresent(pick -> change(pick::applied))));
    }

    private GlyphSheet sheet(Lettering lettering) {
        FontBook book = fonts.get();
        return book.nearest(List.of(lettering.font().family()), lettering.font())
                .map(m -> GlyphSheet.of(new GlyphCatalogue(m.face()), lettering.content()))
                .orElseThrow(() -> Refusal.of("text.noFont"));
    }

    private List<TextElement> selectedTexts() {
        return desk.bench().selected().stream()
                .map(l -> l.element())
                .filter(TextElement.class::isInstance)
                .map(TextElement.class::cast)
                .toList();
    }

    /** Gives the letters of a text where they stand, once they are set. */
    void letters(Lettering lettering, Consumer<List<PlacedLetter>> ready) {
        progress.run(Words.of("progress.setting"), () -> typesetter.letters(lettering), ready);
    }

    /** Gives where the caret may stand in a text, once it is set. */
    void places(Lettering lettering, Consumer<CaretPlaces> ready) {
        progress.run(
                Words.of("progress.setting"), () -> CaretPlaces.of(lettering, typesetter.letters(lettering)), ready);
    }

    /** Sets one text otherwise, and says where the caret may stand in it then.
     *
     * @param made hears of the outline and the places before the text is painted so
     * @param ended runs afterwards, whether it could be set or not */
    void set(TextElement text, Lettering next, BiConsumer<Outline, CaretPlaces> made, Runnable ended) {
        progress.run(
                Words.of("progress.setting"),
                () -> {
                    List<PlacedLetter> letters = typesetter.letters(next);
                    Outline outline = Typesetter.outline(letters);
                    return new SetInPlace(
                            new SetText(text.id(), next, Optional.of(outline)), outline, CaretPlaces.of(next, letters));
                },
                set -> {
                    if (desk.bench().job().find(text.id()).isPresent()) {
                        made.accept(set.outline, set.places);
                        desk.bench().perform(set.operation);
                    }
                },
                ended);
    }

    private record SetInPlace(SetText operation, Outline outline, CaretPlaces places) {}

    /** Sets the selected text along the selected shape's outline, as it lies on the sheet; the shape stays. */
    public void onOutline() {
        Optional<Located> shape = desk.bench().selected().stream()
                .filter(l -> l.element() instanceof ShapeElement)
                .findFirst();
        Optional<Located> text = desk.bench().selected().stream()
                .filter(l -> l.element() instanceof TextElement)
                .findFirst();
        if (shape.isPresent() && text.isPresent()) {
            Outline outline = ((ShapeElement) shape.get().element()).outline();
            text.get().ownToSheet().inverse().ifPresent(back -> {
                Outline path = outline.transformed(back.times(shape.get().ownToSheet()));
                change(l -> l.withPath(Optional.of(path)));
            });
        }
    }

    /** The fonts that texts may be set in. */
    public FontsOfWindow fonts() {
        return offered;
    }

    public Typesetter typesetter() {
        return typesetter;
    }

    /** Gives the job as it would be with the selected texts set otherwise. */
    public void preview(UnaryOperator<Lettering> change, Consumer<Job> ready) {
        List<TextElement> texts = selectedTexts();
        Job job = desk.bench().job();
        desk.workers()
                .run(
                        () -> {
                            Job next = job;
                            for (SetText step : shaped(texts, change)) {
                                next = UsualEditing.editing().apply(step, next);
                            }
                            return next;
                        },
                        ready,
                        desk.notices()::failed,
                        () -> {});
    }

    /** Puts new text on the sheet, centred at a place, in the font used last.
     *
     * @param made runs once it is shown */
    public void add(Point at, Runnable made) {
        SheetId sheet = desk.bench().sheet().id();
        progress.run(Words.of("progress.setting"), () -> first(Words.of("text.first"), sheet, at), text -> {
            desk.bench().stepOut(0);
            desk.bench().perform(text, made);
        });
    }

    /** Puts text on the sheet that says something already, centred at a place. */
    public void add(String content, Point at) {
        SheetId sheet = desk.bench().sheet().id();
        progress.run(Words.of("progress.setting"), () -> first(content, sheet, at), text -> {
            desk.bench().stepOut(0);
            desk.perform(text);
        });
    }

    private AddText first(String content, SheetId sheet, Point at) {
        Lettering lettering =
                Lettering.plain(content, offered.toBeginWith(), USUAL_SIZE).withAlign(TextAlign.MIDDLE);
        Optional<Outline> outline = Optional.of(typesetter.outline(lettering));
        return new AddText(sheet, at.x(), at.y(), lettering, Paint.solid(INK), outline);
    }

    /** Sets every selected text otherwise, in one step. */
    public void change(UnaryOperator<Lettering> change) {
        List<TextElement> texts = selectedTexts();
        if (texts.isEmpty()) {
            return;
        }
        progress.run(Words.of("progress.setting"), () -> shaped(texts, change), this::made);
    }

    private List<SetText> shaped(List<TextElement> texts, UnaryOperator<Lettering> change) {
        List<SetText> steps = new ArrayList<>();
        for (TextElement text : texts) {
            Lettering next = change.apply(text.lettering());
            if (!next.equals(text.lettering())) {
                steps.add(new SetText(text.id(), next, Optional.of(typesetter.outline(next))));
            }
        }
        return steps;
    }

    /** Leaves out what has gone, or has come to be so, while the text was being shaped. */
    private void made(List<SetText> steps) {
        steps.stream().findFirst().ifPresent(s -> offered.used(s.lettering().font()));
        List<Operation> left = steps.stream()
                .filter(s -> desk.bench()
                        .job()
                        .find(s.element())
                        .filter(l -> l.element() instanceof TextElement t
                                && !t.lettering().equals(s.lettering()))
                        .isPresent())
                .<Operation>map(s -> s)
                .toList();
        if (left.size() == 1) {
            desk.perform(left.getFirst());
        } else if (!left.isEmpty()) {
            desk.perform(new Together(Words.of("operation.setText"), left));
        }
    }
}

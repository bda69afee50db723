package rondel.desktop.compose.text;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
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
import rondel.formats.fonts.FontFamily;
import rondel.formats.fonts.FontMarks;
import rondel.formats.fonts.FontsAtHand;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.FontChoice;
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
import rondel.text.FontFeature;
import rondel.text.GlyphCatalogue;
import rondel.text.PlacedLetter;
import rondel.text.Typesetter;
import rondel.words.Refusal;
import rondel.words.Words;

/** Edits of text: shaped in the background, then made in one step. */
public final class TextEdits {

    private static final Rgba INK = new Rgba(0x16, 0x40, 0x3d, 255);
    private static final double USUAL_SIZE = 12;

    /** What a first text is set in: it ships, so it is at hand everywhere. */
    private static final FontChoice SHIPPED = new FontChoice("Nunito", 400, false);

    private final Desk desk;
    private final Progress progress;
    private final Supplier<FontBook> fonts;
    private final Typesetter typesetter;
    private List<FontChoice> known = List.of();
    private volatile Optional<FontChoice> last = Optional.empty();

    public TextEdits(Desk desk, Progress progress, Supplier<FontBook> fonts) {
        this.desk = desk;
        this.progress = progress;
        this.fonts = fonts;
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

    /** Copies font files to where they are at hand from now on. */
    public void addFonts(List<Path> files) {
        if (files.isEmpty() || !(fonts instanceof FontsAtHand atHand)) {
            return;
        }
        progress.run(
                Words.of("progress.fonts"),
                () -> {
                    files.forEach(atHand::add);
                    return read();
                },
                read -> {
                    known = read;
                    desk.notices().say(Words.of("notice.fonts", files.size()));
                });
    }

    public Typesetter typesetter() {
        return typesetter;
    }

    /** Gives every family at hand, once they are read. */
    public void families(Consumer<List<FontFamily>> ready) {
        progress.run(
                Words.of("progress.fonts"),
                () -> fonts instanceof FontsAtHand atHand
                        ? atHand.families()
                        : FontFamily.of(fonts.get().faces(), f -> FontFamily.Source.SHIPPED),
                ready);
    }

    /** The families that the person likes or has used last. */
    public FontMarks marks() {
        return fonts instanceof FontsAtHand atHand ? atHand.marks() : FontMarks.NONE;
    }

    /** Keeps which families the person likes or has used last. */
    public void mark(FontMarks marks) {
        if (fonts instanceof FontsAtHand atHand) {
            desk.workers()
                    .file(
                            () -> {
                                atHand.mark(marks);
                                return marks;
                            },
                            done -> {},
                            desk.notices()::failed,
                            () -> {});
        }
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
                                next = step.apply(next);
                            }
                            return next;
                        },
                        ready,
                        desk.notices()::failed,
                        () -> {});
    }

    /** Gives the features that a font has for a person to switch. */
    public void features(FontChoice font, Consumer<List<FontFeature>> ready) {
        desk.workers()
                .run(
                        () -> fonts.get()
                                .nearest(List.of(font.family()), font)
                                .map(m -> FontFeature.of(m.face()))
                                .orElse(List.of()),
                        ready,
                        desk.notices()::failed,
                        () -> {});
    }

    /** Every face at hand, by family, then by weight; none until they have been read.
     *
     * @param whenRead runs once they are, where they are not yet */
    public List<FontChoice> fonts(Runnable whenRead) {
        if (known.isEmpty()) {
            progress.run(Words.of("progress.fonts"), this::read, read -> {
                known = read;
                whenRead.run();
            });
        }
        return known;
    }

    private List<FontChoice> read() {
        return fonts.get().faces().stream()
                .map(f -> new FontChoice(f.family(), f.weight(), f.italic()))
                .sorted(Comparator.comparing(FontChoice::family)
                        .thenComparing(FontChoice::italic)
                        .thenComparingInt(FontChoice::weight))
                .distinct()
                .toList();
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
                Lettering.plain(content, fontToBeginWith(), USUAL_SIZE).withAlign(TextAlign.MIDDLE);
        Optional<Outline> outline = Optional.of(typesetter.outline(lettering));
        return new AddText(sheet, at.x(), at.y(), lettering, Paint.solid(INK), outline);
    }

    /** The font used last, where it is still at hand; else one that ships. */
    private FontChoice fontToBeginWith() {
        List<FontChoice> all = read();
        return last.filter(all::contains)
                .or(() -> all.stream().filter(f -> f.equals(SHIPPED)).findFirst())
                .orElseGet(all::getFirst);
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
        steps.stream()
                .findFirst()
                .ifPresent(s -> last = Optional.of(s.lettering().font()));
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

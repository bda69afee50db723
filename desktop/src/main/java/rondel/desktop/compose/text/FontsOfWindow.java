package rondel.desktop.compose.text;

import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.formats.fonts.FontFamily;
import rondel.formats.fonts.FontMarks;
import rondel.formats.fonts.FontsAtHand;
import rondel.job.FontChoice;
import rondel.text.FontBook;
import rondel.text.FontFeature;
import rondel.words.Words;

/** The fonts that texts of this window may be set in, as lists and with what the person thinks of them; read in the background. */
public final class FontsOfWindow {

    /** What a first text is set in: it ships, so it is at hand everywhere. */
    private static final FontChoice SHIPPED = new FontChoice("Nunito", 400, false);

    private final Desk desk;
    private final Progress progress;
    private final Supplier<FontBook> fonts;
    private volatile Optional<FontChoice> last = Optional.empty();
    private List<FontChoice> known = List.of();

    FontsOfWindow(Desk desk, Progress progress, Supplier<FontBook> fonts) {
        this.desk = desk;
        this.progress = progress;
        this.fonts = fonts;
    }

    /** Copies font files to where they are at hand from now on. */
    public void add(List<Path> files) {
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

    /** What the list of fonts shows. */
    public record Offered(List<FontFamily> families, FontMarks marks) {}

    /** Gives every family at hand, and those that the person likes or has used last, once they are read. */
    public void families(Consumer<Offered> ready) {
        progress.run(
                Words.of("progress.fonts"),
                () -> fonts instanceof FontsAtHand atHand
                        ? new Offered(atHand.families(), atHand.marks())
                        : new Offered(
                                FontFamily.of(fonts.get().faces(), f -> FontFamily.Source.SHIPPED), FontMarks.NONE),
                ready);
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
    public List<FontChoice> faces(Runnable whenRead) {
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

    /** The font used last, where it is still at hand; else one that ships. */
    FontChoice toBeginWith() {
        List<FontChoice> all = read();
        return last.filter(all::contains)
                .or(() -> all.stream().filter(f -> f.equals(SHIPPED)).findFirst())
                .orElseGet(all::getFirst);
    }

    void used(FontChoice font) {
        last = Optional.of(font);
    }
}

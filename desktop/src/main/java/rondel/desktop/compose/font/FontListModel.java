package rondel.desktop.compose.font;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rondel.formats.fonts.FontFamily;
import rondel.formats.fonts.FontMarks;
import rondel.text.FontClass;

/** Which families are listed: by a part of their name, by kind, by where they come from, liked, or used last. One thread uses it. */
public final class FontListModel {

    /** What is looked for.
     *
     * @param only favourites or recent ones only */
    public record Query(String words, Optional<FontClass> kind, Optional<FontFamily.Source> source, Only only) {
        public static final Query ALL = new Query("", Optional.empty(), Optional.empty(), Only.ALL);

        public Query withWords(String other) {
            return new Query(other, kind, source, only);
        }
    }

    /** Which of the families, by what the person did with them. */
    public enum Only {
        ALL,
        FAVOURITES,
        RECENT
    }

    private List<FontFamily> families = List.of();
    private FontMarks marks = FontMarks.NONE;
    private Query query = Query.ALL;

    public void read(List<FontFamily> all, FontMarks marked) {
        families = all;
        marks = marked;
    }

    public void look(Query other) {
        query = other;
    }

    public Query query() {
        return query;
    }

    public FontMarks marks() {
        return marks;
    }

    public boolean isEmpty() {
        return families.isEmpty();
    }

    public void mark(FontMarks other) {
        marks = other;
    }

    public Optional<FontFamily> family(String name) {
        return families.stream().filter(f -> f.name().equalsIgnoreCase(name)).findFirst();
    }

    /** The families that are looked for: by name; those used last in that order; names that begin with the words before others. */
    public List<FontFamily> shown() {
        String words = query.words.strip().toLowerCase(Locale.ROOT);
        List<FontFamily> found = new ArrayList<>(families.stream()
                .filter(f -> query.kind.isEmpty() || query.kind.get() == f.kind())
                .filter(f -> query.source.isEmpty() || query.source.get() == f.source())
                .filter(f -> switch (query.only) {
                    case ALL -> true;
                    case FAVOURITES -> marks.favourites().contains(f.name());
                    case RECENT -> marks.recent().contains(f.name());
                })
                .filter(f -> f.name().toLowerCase(Locale.ROOT).contains(words))
                .toList());
        if (query.only == Only.RECENT) {
            found.sort(Comparator.comparingInt(f -> marks.recent().indexOf(f.name())));
        }
        if (!words.isEmpty()) {
            found.sort(
                    Comparator.comparing(f -> !f.name().toLowerCase(Locale.ROOT).startsWith(words)));
        }
        return found;
    }
}

package rondel.formats.fonts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import rondel.job.FontChoice;
import rondel.text.FontClass;
import rondel.text.FontFace;

/** One family of fonts with all its styles.
 *
 * @param styles upright ones first, by weight; at least one */
public record FontFamily(String name, Source source, FontClass kind, List<FontChoice> styles) {

    /** Where a font comes from. */
    public enum Source {
        SHIPPED,
        ADDED,
        SYSTEM
    }

    public FontFamily {
        styles = List.copyOf(styles);
    }

    /** The families of faces, in the order of their names. One that is there twice is where it comes first. */
    public static List<FontFamily> of(List<FontFace> faces, Function<FontFace, Source> source) {
        Map<String, List<FontFace>> byName = new LinkedHashMap<>();
        faces.forEach(
                f -> byName.computeIfAbsent(f.family(), n -> new ArrayList<>()).add(f));
        List<FontFamily> all = new ArrayList<>();
        byName.forEach((name, own) ->
                all.add(new FontFamily(name, source.apply(own.getFirst()), FontClass.of(own.getFirst()), styles(own))));
        all.sort(Comparator.comparing(FontFamily::name, String.CASE_INSENSITIVE_ORDER));
        return List.copyOf(all);
    }

    private static List<FontChoice> styles(List<FontFace> faces) {
        return faces.stream()
                .map(f -> new FontChoice(f.family(), f.weight(), f.italic()))
                .distinct()
                .sorted(Comparator.comparing(FontChoice::italic).thenComparingInt(FontChoice::weight))
                .toList();
    }

    /** The style to begin with: regular, or what is nearest to it. */
    public FontChoice first() {
        return nearest(new FontChoice(name, 400, false));
    }

    /** The style nearest to one of another family. */
    public FontChoice nearest(FontChoice other) {
        return styles.stream()
                .min(Comparator.comparingInt(
                        s -> Math.abs(s.weight() - other.weight()) + (s.italic() == other.italic() ? 0 : 10_000)))
                .orElseThrow();
    }
}

package rondel.text;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import rondel.job.FontChoice;

/** The faces at hand, and which of them comes nearest to what is asked for. */
public record FontBook(List<FontFace> faces, Map<String, String> generic) {

    /** A face, and whether it is of the family asked for. */
    public record Match(FontFace face, boolean exact) {}

    /** No fonts at all. */
    public static final FontBook NONE = new FontBook(List.of(), Map.of());

    /** @param generic for each of CSS's generic families, the shipped family that stands in for it */
    public FontBook {
        faces = List.copyOf(faces);
        generic = Map.copyOf(generic);
    }

    /** The face for the first family that is at hand, else the one that stands in for the last, a generic one. */
    public Optional<Match> nearest(List<String> families, FontChoice style) {
        for (String family : families) {
            Optional<FontFace> face = ofFamily(generic.getOrDefault(family.toLowerCase(Locale.ROOT), family), style);
            if (face.isPresent()) {
                boolean named = !generic.containsKey(family.toLowerCase(Locale.ROOT));
                return face.map(f -> new Match(f, named && family.equals(families.getFirst())));
            }
        }
        return ofFamily(generic.getOrDefault("sans-serif", ""), style)
                .or(() -> faces.stream().findFirst())
                .map(f -> new Match(f, false));
    }

    /** Whether a face of the family is at hand. */
    public boolean has(String family) {
        return faces.stream().anyMatch(f -> f.isFamily(family));
    }

    private Optional<FontFace> ofFamily(String family, FontChoice style) {
        return faces.stream()
                .filter(f -> f.isFamily(family))
                .min(Comparator.comparingInt(
                        f -> (f.italic() == style.italic() ? 0 : 1000) + Math.abs(f.weight() - style.weight())));
    }
}

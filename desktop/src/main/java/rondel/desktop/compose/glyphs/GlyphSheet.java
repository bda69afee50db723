package rondel.desktop.compose.glyphs;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.geometry.Outline;
import rondel.text.Glyph;
import rondel.text.GlyphCatalogue;
import rondel.text.GlyphKind;

/** All glyphs of a text's font with their outlines in ems, ready to be looked through.
 *
 * @param content what the text says */
public record GlyphSheet(GlyphCatalogue catalogue, List<Outline> outlines, String content) {

    /** What is looked for.
     *
     * @param kind only glyphs of this kind
     * @param alternatesOf only what can stand in for the letter at this place of the content
     * @param wanted a part of a name, a character, or U+ and a code point */
    public record Filter(Optional<GlyphKind> kind, OptionalInt alternatesOf, String wanted) {}

    /** Reads all of a font; slow for a large one. */
    public static GlyphSheet of(GlyphCatalogue catalogue, String content) {
        return new GlyphSheet(catalogue, catalogue.outlines(catalogue.glyphs()), content);
    }

    public List<Glyph> found(Filter filter) {
        Optional<Set<Integer>> alternates = alternates(filter.alternatesOf);
        return catalogue.glyphs().stream()
                .filter(g -> filter.kind.isEmpty() || g.kinds().contains(filter.kind.get()))
                .filter(g -> alternates.isEmpty() || alternates.get().contains(g.number()))
                .filter(g -> g.matches(filter.wanted))
                .toList();
    }

    private Optional<Set<Integer>> alternates(OptionalInt letter) {
        if (letter.isEmpty()) {
            return Optional.empty();
        }
        OptionalInt glyph = catalogue.of(content.codePointAt(letter.getAsInt()));
        return Optional.of(
                glyph.isEmpty()
                        ? Set.of()
                        : catalogue.alternates(glyph.getAsInt()).stream()
                                .map(Glyph::number)
                                .collect(Collectors.toSet()));
    }
}

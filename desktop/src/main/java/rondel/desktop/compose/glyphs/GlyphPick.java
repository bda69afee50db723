package rondel.desktop.compose.glyphs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rondel.job.Lettering;
import rondel.text.Glyph;

/** A glyph that a person has chosen, and where it goes.
 *
 * @param letter the index of the character it draws from now on; nothing to put it behind the last */
public record GlyphPick(Glyph glyph, OptionalInt letter) {

    /** Holds the place of a glyph that no character leads to. */
    private static final String PLACE = "\u00a0";

    /** The lettering with the glyph in its place. */
    public Lettering applied(Lettering l) {
        if (letter.isPresent()) {
            return l.withLetters(swapped(l, letter.getAsInt()));
        }
        if (glyph.codePoint().isPresent()) {
            return l.withContent(
                    l.content() + Character.toString(glyph.codePoint().getAsInt()));
        }
        Lettering longer = l.withContent(l.content() + PLACE);
        return longer.withLetters(swapped(longer, l.content().length()));
    }

    private List<Lettering.Letter> swapped(Lettering l, int at) {
        List<Lettering.Letter> letters = new ArrayList<>();
        Lettering.Letter usual = new Lettering.Letter(at, 0, 0, 0, 1, Optional.empty());
        Lettering.Letter before =
                l.letters().stream().filter(x -> x.at() == at).findFirst().orElse(usual);
        l.letters().stream().filter(x -> x.at() != at).forEach(letters::add);
        letters.add(new Lettering.Letter(
                at, before.dx(), before.dy(), before.turn(), before.scale(), Optional.of(glyph.number())));
        return letters;
    }
}

package rondel.formats.shelf;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is looked for on a shelf.
 *
 * @param words each must begin a word of the title, the tags, the set, the source or the author; all things where empty
 * @param set only things of this set
 * @param favourites only things that are marked as such */
public record ShelfQuery(String words, Optional<String> set, boolean favourites) {

    public static final ShelfQuery ALL = new ShelfQuery("", Optional.empty(), false);

    public static ShelfQuery of(String words) {
        return new ShelfQuery(words, Optional.empty(), false);
    }

    /** Whether a thing is in the set that is wanted, and a favourite where those are. */
    boolean admits(Thing thing) {
        return (!favourites || thing.favourite())
                && set.filter(s -> !s.equals(thing.set())).isEmpty();
    }

    /** The words as SQLite's full-text search takes them: each a prefix, all wanted; nothing where there are none. */
    Optional<String> match() {
        String all = Arrays.stream(words.split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isBlank())
                .map(w -> '"' + w + "\"*")
                .collect(Collectors.joining(" AND "));
        return all.isEmpty() ? Optional.empty() : Optional.of(all);
    }
}

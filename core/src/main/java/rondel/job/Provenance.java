package rondel.job;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import rondel.fields.LeftOut;

/** Where artwork comes from.
 *
 * @param source the collection, shop or folder it was got from; may be empty
 * @param author who made it; may be empty */
public record Provenance(
        @LeftOut("") String source, @LeftOut("") String author, Licence licence) {

    /** What holds for things made of several: all their sources and authors, and the licence that allows least. Nothing
     *  where there are none. */
    public static Optional<Provenance> ofAll(Collection<Provenance> parts) {
        return parts.stream()
                .map(Provenance::licence)
                .max(Comparator.naturalOrder())
                .map(l -> new Provenance(joined(parts, Provenance::source), joined(parts, Provenance::author), l));
    }

    private static String joined(Collection<Provenance> parts, Function<Provenance, String> part) {
        return parts.stream()
                .map(part)
                .filter(p -> !p.isBlank())
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }
}

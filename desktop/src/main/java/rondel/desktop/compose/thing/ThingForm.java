package rondel.desktop.compose.thing;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import rondel.formats.shelf.Thing;
import rondel.job.Licence;
import rondel.job.Provenance;

/** What a person tells of a thing on the shelf.
 *
 * @param tags parted by commas */
public record ThingForm(String title, String set, String tags, String source, String author, Licence licence) {

    public static ThingForm of(Thing thing) {
        Provenance p = thing.provenance().orElse(new Provenance("", "", Licence.UNKNOWN));
        return new ThingForm(
                thing.title(), thing.set(), String.join(", ", thing.tags()), p.source(), p.author(), p.licence());
    }

    /** A new thing that is one's own work until something else is said. */
    public static ThingForm fresh(String title, String set, Optional<Provenance> provenance) {
        Thing thing = Thing.plain(set.isEmpty() ? title : set + "/" + title).withTitle(title);
        return of(thing.withProvenance(provenance.or(() -> Optional.of(new Provenance("", "", Licence.OWN)))));
    }

    /** The thing as it is told of, in the set that is named. */
    public Thing told(Thing thing) {
        String wanted = set.strip();
        return thing.withPath(wanted.isEmpty() ? thing.file() : wanted + "/" + thing.file())
                .withTitle(title.isBlank() ? thing.title() : title.strip())
                .withTags(tagList())
                .withProvenance(Optional.of(provenance()));
    }

    public Provenance provenance() {
        return new Provenance(source.strip(), author.strip(), licence);
    }

    public List<String> tagList() {
        return Arrays.stream(tags.split(","))
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .distinct()
                .toList();
    }
}

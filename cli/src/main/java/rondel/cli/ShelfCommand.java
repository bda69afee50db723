package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ScopeType;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.files.OwnFolders;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.shelf.Arrangement;
import rondel.formats.shelf.Shelf;
import rondel.formats.shelf.ShelfQuery;
import rondel.formats.shelf.StarterShelf;
import rondel.formats.shelf.Thing;
import rondel.history.Editing;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Licence;
import rondel.job.Provenance;
import rondel.job.SheetId;

/** The person's own artwork: found, added, described, placed. */
@Command(name = "shelf", mixinStandardHelpOptions = true)
final class ShelfCommand implements Runnable {

    private final PrintStream out;
    private final PrintStream err;

    @CommandLine.Spec
    private CommandSpec spec;

    @Option(names = "--shelf", scope = ScopeType.INHERIT, paramLabel = "DIR")
    private Path folder;

    ShelfCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    /** What can be told of a thing; what is left out stays as it is. */
    static final class Telling {
        @Option(names = "--set", paramLabel = "S")
        private String set;

        @Option(names = "--title", paramLabel = "T")
        private String title;

        @Option(names = "--tags", split = ",", paramLabel = "TAG")
        private List<String> tags;

        @Option(names = "--favourite", negatable = true)
        private Boolean favourite;

        @Option(names = "--source", paramLabel = "S")
        private String source;

        @Option(names = "--author", paramLabel = "A")
        private String author;

        @Option(names = "--licence", paramLabel = "L", converter = ChoiceConverter.OfLicence.class)
        private Licence licence;

        Thing of(Thing now) {
            Thing told = now;
            if (set != null) {
                told = told.withPath(set.isEmpty() ? now.file() : set + "/" + now.file());
            }
            told = title == null ? told : told.withTitle(title);
            told = tags == null ? told : told.withTags(tags);
            told = favourite == null ? told : told.withFavourite(favourite);
            return source == null && author == null && licence == null
                    ? told
                    : told.withProvenance(Optional.of(provenance(now)));
        }

        private Provenance provenance(Thing now) {
            Provenance was = now.provenance().orElse(new Provenance("", "", Licence.UNKNOWN));
            return new Provenance(
                    source == null ? was.source() : source,
                    author == null ? was.author() : author,
                    licence == null ? was.licence() : licence);
        }
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(spec.commandLine(), "find, add, describe, save, place or take-off");
    }

    private Shelf open() {
        Shelf shelf = StarterShelf.open(folder == null ? OwnFolders.shelf() : folder);
        shelf.notices().forEach(err::println);
        return shelf;
    }

    @Command(name = "find", mixinStandardHelpOptions = true)
    int find(
            @Parameters(arity = "0..*", paramLabel = "WORD") List<String> words,
            @Option(names = "--set", paramLabel = "S") String set,
            @Option(names = "--favourites") boolean favourites,
            @Option(names = "--json") boolean json) {
        String wanted = words == null ? "" : String.join(" ", words);
        try (Shelf shelf = open()) {
            List<Thing> found = shelf.search(new ShelfQuery(wanted, Optional.ofNullable(set), favourites));
            if (json) {
                out.println(Json.text(json(found)));
            } else {
                found.forEach(t -> out.println(t.path() + "  " + t.title()));
            }
        }
        return 0;
    }

    private static ArrayNode json(List<Thing> things) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (Thing t : things) {
            ObjectNode o = all.addObject();
            o.put("path", t.path()).put("set", t.set()).put("title", t.title()).put("favourite", t.favourite());
            ArrayNode tags = o.putArray("tags");
            t.tags().forEach(tags::add);
            t.provenance().ifPresent(p -> o.put("source", p.source())
                    .put("author", p.author())
                    .put("licence", p.licence().name().toLowerCase(Locale.ROOT).replace('_', '-')));
        }
        return all;
    }

    @Command(name = "add", mixinStandardHelpOptions = true)
    int add(@Parameters(arity = "1..*", paramLabel = "FILE") List<Path> files, @CommandLine.Mixin Telling telling) {
        try (Shelf shelf = open()) {
            for (Path file : files) {
                Thing plain = Thing.plain(file.getFileName().toString());
                out.println(shelf.add(file, telling.of(plain)).path());
            }
        }
        return 0;
    }

    @Command(name = "describe", mixinStandardHelpOptions = true)
    int describe(@Parameters(paramLabel = "THING") String thing, @CommandLine.Mixin Telling telling) {
        try (Shelf shelf = open()) {
            out.println(shelf.describe(thing, telling.of(shelf.thing(thing))).path());
        }
        return 0;
    }

    @Command(name = "save", mixinStandardHelpOptions = true)
    int save(
            @Parameters(paramLabel = "JOB") Path file,
            @Option(names = "--only", split = ",", required = true, paramLabel = "ID", converter = TypedId.class)
                    List<ElementId> ids,
            @CommandLine.Mixin Telling telling) {
        Job job = JobFile.read(file);
        Thing about = telling.of(Thing.plain("arrangement.rondel"));
        try (Shelf shelf = open()) {
            Thing saved = Arrangement.of(job, ids, about.title())
                    .onto(shelf, about.set(), about.tags(), PictureLevels.usual());
            out.println(saved.path());
        }
        return 0;
    }

    @Command(name = "place", mixinStandardHelpOptions = true)
    int place(
            @CommandLine.Mixin JobChange change,
            @Parameters(index = "1..*", arity = "1..*", paramLabel = "THING") List<String> things,
            @Option(names = "--sheet", paramLabel = "N", defaultValue = "1") int sheet) {
        change.make(before -> placed(before, things, sheet));
        return 0;
    }

    private Job placed(Job before, List<String> things, int sheet) {
        Job job = before;
        Editing editing = UsualEditing.editing();
        SheetId id = JobChange.sheet(job, sheet);
        ArtworkReader reader = new ArtworkReader(FontsAtHand.usual());
        try (Shelf shelf = open()) {
            List<Artwork> artworks = new ArrayList<>();
            for (String path : things) {
                Thing thing = shelf.thing(path);
                artworks.add(reader.read(shelf.file(thing))
                        .told(thing.title(), thing.provenance())
                        .measured(before.picturesBy()));
            }
            List<ArtworkPlacement.Placed> placed = artworks.size() == 1
                    ? List.of(ArtworkPlacement.CENTRED.onto(job.sheet(id), artworks.getFirst()))
                    : ArtworkPlacement.CENTRED.beside(job.sheet(id), artworks, ArtworkPlacement.USUAL_GAP);
            for (ArtworkPlacement.Placed one : placed) {
                one.findings().forEach(f -> out.println(f.sentence()));
                job = editing.apply(one.operation(), job);
            }
        }
        return job;
    }

    @Command(name = "take-off", mixinStandardHelpOptions = true)
    int takeOff(@Parameters(arity = "1..*", paramLabel = "THING") List<String> things) {
        try (Shelf shelf = open()) {
            things.forEach(shelf::takeOff);
        }
        return 0;
    }
}

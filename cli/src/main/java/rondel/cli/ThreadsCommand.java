package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.ThreadLibrary;
import rondel.job.Rgba;
import rondel.run.stitch.SewingThread;
import rondel.words.Refusal;

/** Lists the threads that there are, and keeps the person's own. */
@Command(name = "threads", mixinStandardHelpOptions = true)
final class ThreadsCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "--add", paramLabel = "NAME")
    private Optional<String> add;

    @Option(names = "--remove", paramLabel = "NAME")
    private Optional<String> remove;

    @Option(names = "--colour", paramLabel = "#RRGGBB", converter = ColourConverter.class)
    private Optional<Rgba> colour;

    @Option(names = "--nearest", paramLabel = "#RRGGBB", converter = ColourConverter.class)
    private Optional<Rgba> nearest;

    @Option(names = "--list", paramLabel = "FILE")
    private Optional<Path> list;

    @Option(names = "--json")
    private boolean json;

    ThreadsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        ThreadLibrary library = new ThreadLibrary(list.orElseGet(OwnFolders::threads));
        remove.ifPresent(library::remove);
        add.ifPresent(
                name -> library.add(new SewingThread(name, colour.orElseThrow(() -> Refusal.of("thread.noColour")))));
        List<SewingThread> told = nearest.map(
                        c -> SewingThread.nearest(library.all(), c).stream().toList())
                .orElseGet(library::all);
        if (json) {
            ArrayNode array = JsonNodeFactory.instance.arrayNode();
            told.forEach(t -> array.add(library.json(t)));
            out.println(Json.text(array));
        } else {
            told.forEach(t ->
                    out.printf(Locale.ROOT, "%-20s %s%n", t.name(), t.colour().hex()));
        }
        return 0;
    }
}

package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.files.AtomicFile;
import rondel.formats.versions.Version;
import rondel.formats.versions.VersionStore;
import rondel.words.Refusal;
import rondel.words.Words;

/** Earlier versions of a job. */
@Command(name = "versions", mixinStandardHelpOptions = true)
final class VersionsCommand implements Callable<Integer> {

    private static final DateTimeFormatter SHOWN =
            DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss", Locale.ROOT).withZone(ZoneId.systemDefault());

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path job;

    @Option(names = "--take", paramLabel = "N")
    private Optional<Integer> take = Optional.empty();

    @Option(names = "-o", paramLabel = "FILE")
    private Optional<Path> target = Optional.empty();

    @Option(names = "--keep")
    private boolean keep;

    @Option(names = "--beside", negatable = true)
    private Boolean beside;

    @Option(names = "--json")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    VersionsCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        if (!Files.isRegularFile(job)) {
            throw Refusal.of("file.notFound", job);
        }
        VersionStore store = VersionStore.of(job);
        if (beside != null) {
            store.keepBeside(beside);
        }
        if (keep) {
            store.keep();
        }
        List<Version> all = store.all();
        if (take.isPresent()) {
            taken(all, take.get());
        } else if (json) {
            ArrayNode array = JsonNodeFactory.instance.arrayNode();
            all.forEach(v -> array.addObject()
                    .put("saved", v.saved().toString())
                    .put("bytes", v.bytes())
                    .put("file", v.file().toString()));
            out.println(Json.text(array));
        } else if (all.isEmpty()) {
            out.println(Words.of("versions.none", job.getFileName()));
        } else {
            for (int i = 0; i < all.size(); i++) {
                out.printf(
                        "%3d  %s  %,d bytes%n",
                        i + 1, SHOWN.format(all.get(i).saved()), all.get(i).bytes());
            }
        }
        return 0;
    }

    private void taken(List<Version> all, int number) {
        Path to = target.orElseThrow(() -> Refusal.of("versions.whereTo"));
        if (number < 1 || number > all.size()) {
            throw Refusal.of("versions.noSuch", number, all.size());
        }
        Path from = all.get(number - 1).file();
        AtomicFile.write(to, overwriting.check(to, List.of(job)), o -> Files.copy(from, o));
        out.println(to);
    }
}

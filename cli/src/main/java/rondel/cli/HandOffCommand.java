package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.handoff.HandOffRun;
import rondel.formats.job.JobFile;
import rondel.handoff.sets.ShippedSets;
import rondel.job.Job;
import rondel.words.Words;

/** Makes a set of files that leave a job together. */
@Command(name = "hand-off", mixinStandardHelpOptions = true)
final class HandOffCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "--set", paramLabel = "NAME")
    private Optional<String> set = Optional.empty();

    @Option(names = "-o", paramLabel = "DIR|FILE.zip")
    private Path target = Path.of("out");

    @Mixin
    private MakingHandOff making;

    @Option(names = "--json")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    HandOffCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() {
        Job job = JobFile.read(file);
        if (set.isEmpty()) {
            Stream.concat(job.handOff().stream(), ShippedSets.ALL.stream())
                    .forEach(s -> out.println(s.name() + (s.forSale() ? Words.of("handoff.forSale") : "")));
            return 0;
        }
        if (target.toString().endsWith(".zip")) {
            overwriting.check(target, List.of(file));
        }
        HandOffRun.Result result = MakingHandOff.run(job, set.get()).make(target, making.mayBeSold());
        result.findings().forEach(f -> err.println(f.sentence()));
        if (json) {
            ObjectNode node = JsonNodeFactory.instance.objectNode();
            result.files().forEach(f -> node.withArray("files").add(f.toString()));
            result.written().forEach(f -> node.withArray("written").add(f.toString()));
            out.println(Json.text(node));
        } else {
            result.files().forEach(out::println);
        }
        return 0;
    }
}

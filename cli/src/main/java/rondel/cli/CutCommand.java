package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.devices.cutter.CutOutcome;
import rondel.devices.cutter.CutRun;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.OwnFolders;
import rondel.formats.hpgl.HpglWriter;
import rondel.formats.job.JobFile;
import rondel.formats.job.MaterialLibrary;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.Sheet;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.route.Machine;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.words.Decimals;
import rondel.words.Words;

/** Cuts a pass: as a file of HP-GL, or on a machine. */
@Command(name = "cut", mixinStandardHelpOptions = true)
final class CutCommand implements Callable<Integer> {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private String sheet;

    @Option(names = "--pass", paramLabel = "N", required = true)
    private int number;

    @ArgGroup(multiplicity = "1")
    private Target target;

    @Option(names = "--material", paramLabel = "NAME")
    private Optional<String> material;

    @Option(names = "--materials", paramLabel = "FILE")
    private Optional<Path> list;

    @Option(names = "--from", paramLabel = "N", defaultValue = "0")
    private int from;

    @Mixin
    private Registering registering;

    @Option(names = "--json")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    /** Where it goes. */
    static final class Target {
        @Option(names = "-o", paramLabel = "FILE")
        private Path file;

        @Option(names = "--to", paramLabel = "HOST:PORT", converter = HostAndPort.Converter.class)
        private HostAndPort to;
    }

    CutCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() {
        Job read = JobFile.read(file);
        Job job = material.map(m -> new MaterialLibrary(list.orElseGet(OwnFolders::materials)).named(m))
                .map(m -> by(read, m))
                .orElse(read);
        Sheet of = job.sheet(JobChange.sheet(job, sheet));
        Pass pass = Passes.numbered(job, of.id(), number);
        Route route = RoutePlan.of(pass, of, Machine.USUAL, registering.onPaper(of));
        return target.file != null ? written(pass, route) : sent(pass, route);
    }

    /** The job with the figures of another material for those of the pass. */
    private Job by(Job job, Material other) {
        Material before =
                Passes.numbered(job, JobChange.sheet(job, sheet), number).material();
        return job.withRun(job.run().with(other.tinted(before.name(), before.colour())));
    }

    private int written(Pass pass, Route route) {
        AtomicFile.write(
                target.file,
                overwriting.check(target.file, List.of(file)),
                o -> o.write(HpglWriter.of(route.from(from)).bytes()));
        report(pass, route, Optional.empty());
        return 0;
    }

    private int sent(Pass pass, Route route) {
        CutOutcome outcome = new CutRun(route, from, target.to.host(), target.to.port(), PATIENCE, p -> {}, s -> {
                    if (!json) {
                        out.println(s);
                    }
                })
                .run();
        report(pass, route, Optional.of(outcome));
        if (!outcome.isDone()) {
            err.println(outcome.sentence() + " " + Words.of("cut.goOn", String.valueOf(outcome.taken())));
        }
        return outcome.isDone() ? 0 : 1;
    }

    private void report(Pass pass, Route route, Optional<CutOutcome> outcome) {
        if (json) {
            ObjectNode node = JsonNodeFactory.instance
                    .objectNode()
                    .put("pass", pass.name())
                    .put("lines", pass.contours().size())
                    .put("strokes", route.strokes().size())
                    .put("cut_mm", Math.round(route.cut() * 100) / 100.0)
                    .put("travel_mm", Math.round(route.travel() * 100) / 100.0)
                    .put("seconds", Math.round(route.seconds() * 100) / 100.0);
            outcome.ifPresent(o -> node.put("taken", o.taken())
                    .put("end", o.end().name().toLowerCase(Locale.ROOT))
                    .put("sentence", o.sentence()));
            out.println(Json.text(node));
        } else {
            out.println(Words.of(
                    "cli.cut.told",
                    pass.name(),
                    pass.contours().size(),
                    Decimals.of(route.cut(), 0),
                    Decimals.of(route.seconds(), 0)));
        }
    }
}

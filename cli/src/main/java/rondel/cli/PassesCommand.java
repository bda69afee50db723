package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.job.JobFile;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.run.stitch.PassStitches;
import rondel.run.stitch.SewingMachine;
import rondel.run.stitch.StitchPattern;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** The run sheet: what is made of a sheet, in which order, and how long it takes. */
@Command(name = "passes", mixinStandardHelpOptions = true)
final class PassesCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private String sheet;

    @Option(names = "--json")
    private boolean json;

    PassesCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Job job = JobFile.read(file);
        Sheet of = job.sheet(JobChange.sheet(job, sheet));
        List<Pass> passes = Passes.of(job, of.id());
        if (passes.isEmpty()) {
            throw Refusal.of("pass.nothing");
        }
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (int i = 0; i < passes.size(); i++) {
            Pass pass = passes.get(i);
            Optional<Route> route = pass.tool().map(t -> RoutePlan.of(pass, of));
            if (json) {
                ObjectNode node = node(i + 1, pass, route);
                if (pass.isStitch()) {
                    StitchPattern pattern = PassStitches.of(job, of.id(), pass);
                    node.put("stitches", pattern.count())
                            .put("threads", pattern.runs().size())
                            .put("seconds", rounded(SewingMachine.USUAL.seconds(pattern)));
                }
                all.add(node);
            } else {
                print(i + 1, pass, route);
                if (pass.isStitch()) {
                    StitchPattern pattern = PassStitches.of(job, of.id(), pass);
                    out.println("   "
                            + Words.of(
                                    "pass.sewn",
                                    pattern.count(),
                                    pattern.runs().size(),
                                    Math.max(1, Math.round(SewingMachine.USUAL.seconds(pattern) / 60))));
                }
            }
        }
        if (json) {
            out.println(Json.text(all));
        }
        return 0;
    }

    private static ObjectNode node(int number, Pass pass, Optional<Route> route) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("number", number)
                .put("name", pass.name())
                .put("role", pass.key().role().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                .put("material", pass.material().name())
                .put("state", pass.state().name().toLowerCase(Locale.ROOT))
                .put("load", pass.load().sentence());
        route.ifPresent(r -> {
            node.put("tool", r.tool().toolName())
                    .put("lines", pass.lines().size())
                    .put("added", pass.added().size())
                    .put("length_mm", rounded(pass.length()))
                    .put("travel_mm", rounded(r.travel()))
                    .put("seconds", rounded(r.seconds()));
            pass.extent().ifPresent(b -> node.putObject("box_mm")
                    .put("x", rounded(b.x()))
                    .put("y", rounded(b.y()))
                    .put("width", rounded(b.width()))
                    .put("height", rounded(b.height())));
        });
        return node;
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private void print(int number, Pass pass, Optional<Route> route) {
        out.println(number + ". " + pass.name() + " (" + Words.of("pass.state." + pass.state()) + ")");
        out.println("   " + pass.load().sentence());
        route.ifPresent(r -> {
            Box box = pass.extent().orElse(new Box(0, 0, 0, 0));
            out.println("   "
                    + Words.of(
                            "cli.passes.told",
                            r.tool().toolName(),
                            Decimals.of(r.tool().speed(), 0),
                            Decimals.of(r.tool().force(), 0),
                            pass.contours().size(),
                            Decimals.of(pass.length(), 0),
                            Decimals.of(r.seconds(), 0),
                            Decimals.of(box.width(), 1),
                            Decimals.of(box.height(), 1)));
        });
    }
}

package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.function.UnaryOperator;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.devices.cutter.CutOutlines;
import rondel.formats.job.JobFile;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.run.comparison.CutComparison;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.route.Machine;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.words.Decimals;
import rondel.words.Words;

/** Lays what was cut over what was to be cut. */
@Command(name = "compare", mixinStandardHelpOptions = true)
final class CompareCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Parameters(index = "1", paramLabel = "CUT.svg")
    private Path cut;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private String sheet;

    @Option(names = "--pass", paramLabel = "N", required = true)
    private int number;

    @Mixin
    private Registering registering;

    @Option(names = "--json")
    private boolean json;

    CompareCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Job job = JobFile.read(file);
        Sheet of = job.sheet(JobChange.sheet(job, sheet));
        Pass pass = Passes.numbered(job, of.id(), number);
        UnaryOperator<Point> onPaper = registering.onPaper(of);
        Route route = RoutePlan.of(pass, of, Machine.USUAL, onPaper);
        CutComparison result = CutComparison.of(
                pass.contours(), pass.load().placing(of.width(), onPaper), CutOutlines.read(cut, route));
        if (json) {
            out.println(Json.text(JsonNodeFactory.instance
                    .objectNode()
                    .put("largest_mm", result.largest())
                    .put("mean_mm", result.mean())
                    .put("open", result.open())
                    .put("rounded_corners", result.rounded().size())));
        } else {
            out.println(Words.of(
                    "cli.compare.told",
                    pass.name(),
                    Decimals.of(result.largest(), 3),
                    Decimals.of(result.mean(), 3),
                    result.open(),
                    result.rounded().size()));
        }
        return 0;
    }
}

package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.dst.DstReader;
import rondel.formats.dst.DstWriter;
import rondel.formats.files.AtomicFile;
import rondel.formats.job.JobFile;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.StitchPlan;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;
import rondel.words.Words;

/** Works out the stitches of a sheet and writes them, or tells what a tape has. */
@Command(
        name = "stitch",
        mixinStandardHelpOptions = true,
        description =
                "Works out the stitches of what has the role stitch, and writes them as .dst or .csv; of a .dst it tells what it has.")
final class StitchCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", paramLabel = "JOB|FILE.dst", description = "the job file, or a tape")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1", description = "the sheet's number, from 1")
    private String sheet;

    @Option(names = "-o", paramLabel = "FILE", description = "what to write: .dst, or .csv with all places")
    private Optional<Path> target = Optional.empty();

    @Option(names = "--json", description = "say what there is as JSON")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    StitchCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws IOException {
        boolean tape = file.toString().toLowerCase(Locale.ROOT).endsWith(".dst");
        String name;
        StitchPattern pattern;
        if (tape) {
            DstReader.Tape read =
                    DstReader.read(Files.readAllBytes(file), file.getFileName().toString());
            name = read.name();
            pattern = read.pattern();
        } else {
            Job job = JobFile.read(file);
            name = job.title();
            pattern = StitchPlan.of(job.sheet(JobChange.sheet(job, sheet)));
        }
        if (pattern.count() == 0) {
            throw Refusal.of("stitch.nothing");
        }
        target.ifPresent(t -> write(t, pattern, name));
        tell(pattern);
        return 0;
    }

    private void write(Path to, StitchPattern pattern, String name) {
        String ending = to.toString().toLowerCase(Locale.ROOT);
        byte[] bytes;
        if (ending.endsWith(".dst")) {
            bytes = DstWriter.bytes(pattern, name);
        } else if (ending.endsWith(".csv")) {
            bytes = csv(pattern).getBytes(StandardCharsets.UTF_8);
        } else {
            throw Refusal.of("stitch.unknownKind", to.getFileName());
        }
        AtomicFile.write(to, overwriting.check(to, List.of(file)), o -> o.write(bytes));
    }

    private static String csv(StitchPattern pattern) {
        StringBuilder text = new StringBuilder("thread,colour,move,x_mm,y_mm\r\n");
        for (int i = 0; i < pattern.runs().size(); i++) {
            ThreadRun run = pattern.runs().get(i);
            for (Stitch s : run.stitches()) {
                text.append(String.format(
                        Locale.ROOT,
                        "%d,%s,%s,%.3f,%.3f\r\n",
                        i + 1,
                        run.thread().hex(),
                        s.move().name().toLowerCase(Locale.ROOT),
                        s.at().x(),
                        s.at().y()));
            }
        }
        return text.toString();
    }

    private void tell(StitchPattern pattern) {
        Box extent = pattern.extent().orElseThrow();
        if (json) {
            ObjectNode node = JsonNodeFactory.instance
                    .objectNode()
                    .put("stitches", pattern.count())
                    .put("trims", pattern.trims())
                    .put("thread_mm", Math.round(pattern.threadLength()))
                    .put("width_mm", extent.width())
                    .put("height_mm", extent.height());
            for (ThreadRun run : pattern.runs()) {
                StitchPattern own = new StitchPattern(List.of(run));
                node.withArray("threads")
                        .addObject()
                        .put("colour", run.thread().hex())
                        .put("stitches", own.count())
                        .put("thread_mm", Math.round(own.threadLength()));
            }
            out.println(Json.text(node));
        } else {
            out.println(Words.of(
                    "stitch.told",
                    pattern.count(),
                    pattern.runs().size(),
                    pattern.trims(),
                    String.format(Locale.ROOT, "%.1f", pattern.threadLength() / 1000),
                    String.format(Locale.ROOT, "%.1f", extent.width()),
                    String.format(Locale.ROOT, "%.1f", extent.height())));
        }
    }
}

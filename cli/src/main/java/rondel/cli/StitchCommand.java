package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintStream;
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
import rondel.devices.stitcher.TapeRun;
import rondel.formats.dst.DstReader;
import rondel.formats.dst.StitchFile;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.JobFile;
import rondel.formats.job.ThreadLibrary;
import rondel.geometry.Box;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.run.stitch.PatternFindings;
import rondel.run.stitch.SewingMachine;
import rondel.run.stitch.SewingThread;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.StitchPlan;
import rondel.run.stitch.ThreadRun;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** Stitches of a sheet or of a tape: what there is, as a file, or on a machine. */
@Command(name = "stitch", mixinStandardHelpOptions = true)
final class StitchCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(index = "0", paramLabel = "JOB|FILE.dst")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private String sheet;

    @Option(names = "-o", paramLabel = "FILE")
    private Optional<Path> target = Optional.empty();

    @Option(names = "--to", paramLabel = "HOST:PORT", converter = HostAndPort.Converter.class)
    private HostAndPort to;

    @Option(names = "--mended", paramLabel = "TAPE")
    private Optional<String> mended = Optional.empty();

    @Option(names = "--json")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    StitchCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() throws IOException {
        boolean tape = file.toString().toLowerCase(Locale.ROOT).endsWith(".dst");
        String name;
        StitchPattern pattern;
        if (tape) {
            if (!Files.isRegularFile(file)) {
                throw Refusal.of("file.notFound", file);
            }
            DstReader.Tape read =
                    DstReader.read(Files.readAllBytes(file), file.getFileName().toString());
            name = read.name();
            pattern = read.pattern();
        } else {
            Job job = JobFile.read(file);
            name = job.title();
            pattern = StitchPlan.of(job, JobChange.sheet(job, sheet));
        }
        if (pattern.count() == 0) {
            throw Refusal.of("stitch.nothing");
        }
        target.ifPresent(t -> StitchFile.write(t, overwriting.check(t, List.of(file)), pattern, name));
        tell(pattern);
        return to == null ? 0 : sew(pattern, name);
    }

    private int sew(StitchPattern pattern, String name) {
        TapeRun run = new TapeRun(to.host(), to.port(), t -> {});
        TapeRun.Told end = mended.map(run::mended).orElseGet(() -> run.sew(pattern, name));
        if (end.isDone()) {
            out.println(end.sentence());
            return 0;
        }
        err.println(end.sentence() + " " + Words.of("stitcher.goOn", end.id()));
        return 1;
    }

    private void tell(StitchPattern pattern) {
        Box extent = pattern.extent().orElseThrow();
        List<Finding> findings = PatternFindings.of(pattern);
        double seconds = SewingMachine.USUAL.seconds(pattern);
        if (json) {
            ObjectNode node = JsonNodeFactory.instance
                    .objectNode()
                    .put("stitches", pattern.count())
                    .put("trims", pattern.trims())
                    .put("thread_mm", Math.round(pattern.threadLength()))
                    .put("width_mm", extent.width())
                    .put("height_mm", extent.height())
                    .put("seconds", Math.round(seconds));
            List<SewingThread> chart = new ThreadLibrary(OwnFolders.threads()).all();
            for (ThreadRun run : pattern.runs()) {
                StitchPattern own = new StitchPattern(List.of(run));
                ObjectNode thread = node.withArray("threads")
                        .addObject()
                        .put("colour", run.thread().hex())
                        .put("stitches", own.count())
                        .put("thread_mm", Math.round(SewingMachine.thread(run.stitches())));
                SewingThread.nearest(chart, run.thread()).ifPresent(t -> thread.put("nearest", t.name()));
            }
            for (Finding f : findings) {
                node.withArray("findings").addObject().put("code", f.code()).put("sentence", f.sentence());
            }
            out.println(Json.text(node));
        } else {
            out.println(Words.of(
                    "stitch.told",
                    pattern.count(),
                    pattern.runs().size(),
                    pattern.trims(),
                    Decimals.of(pattern.threadLength() / 1000, 1),
                    Decimals.of(extent.width(), 1),
                    Decimals.of(extent.height(), 1)));
            out.println(Words.of("stitch.takes", Math.max(1, Math.round(seconds / 60))));
            findings.forEach(f -> out.println("  " + f.sentence()));
        }
    }
}

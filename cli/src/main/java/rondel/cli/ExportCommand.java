package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.Exporting;
import rondel.formats.export.LineLook;
import rondel.formats.export.PrintReady;
import rondel.formats.export.RasterSize;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.lines.check.Finding;
import rondel.words.Refusal;

/** Writes sheets, or some of their elements, as SVG, PDF, PNG or JPEG. */
@Command(name = "export", mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(paramLabel = "JOB")
    private Path file;

    @Option(names = "-o", required = true, paramLabel = "FILE")
    private Path target;

    @Option(names = "--what", paramLabel = "WHAT")
    private String what;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private String sheets;

    @Option(names = "--only", split = ",", paramLabel = "ID", converter = TypedId.class)
    private List<ElementId> only = List.of();

    @Option(names = "--frame", paramLabel = "FRAME")
    private String frame;

    @Option(names = "--each", paramLabel = "KIND")
    private String each;

    @Option(names = "--level", paramLabel = "N", defaultValue = "1")
    private int level;

    @Option(names = "--ppi", paramLabel = "N")
    private Double ppi;

    @Option(names = "--width", paramLabel = "PX", converter = PixelConverter.class)
    private Integer width;

    @Option(names = "--height", paramLabel = "PX", converter = PixelConverter.class)
    private Integer height;

    @Option(names = "--fit", paramLabel = "FIT")
    private String fit;

    @Option(names = "--transparent")
    private boolean transparent;

    @Option(names = "--lines", paramLabel = "LOOK")
    private String look;

    @Option(names = "--hairline")
    private boolean hairline;

    @Option(names = "--layers")
    private boolean layers;

    @Option(names = "--share-copies")
    private boolean shareCopies;

    @Mixin
    private PrintReadyOptions printReady;

    @Mixin
    private FormatOptions how;

    @Option(names = "--json")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    ExportCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() {
        Job job = JobFile.read(file);
        if (printReady.wanted()) {
            return printReady(job);
        }
        ExportRequest request = request(job);
        List<Exporting.Output> outputs = Exporting.outputs(job, request, target);
        Map<Path, Replacing> over = new HashMap<>();
        outputs.forEach(o -> over.put(o.file(), overwriting.check(o.file(), List.of(file))));
        List<Finding> found = Exporting.write(outputs, request, PictureLevels.usual(), over::get);
        found.forEach(f -> err.println(f.sentence()));
        report(outputs);
        return 0;
    }

    private int printReady(Job job) {
        if (ExportFormat.of(target) != ExportFormat.PDF) {
            throw Refusal.of("export.printReadyPdf");
        }
        PrintReady ready = new PrintReady(job, sheets(job), printReady.names(), printReady.inks());
        AtomicFile.write(
                target,
                overwriting.check(target, List.of(file)),
                o -> ready.write(PictureLevels.usual(), ZonedDateTime.now(), o));
        return 0;
    }

    private ExportRequest request(Job job) {
        ExportFormat format = ExportFormat.of(target);
        LineLook usual = format == ExportFormat.SVG ? LineLook.BY_ROLE : LineLook.AS_DRAWN;
        boolean byRole = look == null ? usual.byRole() : choice("--lines", look, "by-role", "as-drawn") == 0;
        return new ExportRequest(
                format,
                Optional.ofNullable(what).map(ExportWhat::parse),
                sheets(job),
                only,
                Optional.ofNullable(frame)
                        .map(f -> ExportRequest.Frame.values()[choice("--frame", f, "sheet", "bleed", "seen")]),
                new RasterSize(
                        ppi == null ? RasterSize.USUAL.ppi() : ppi,
                        optional(width),
                        optional(height),
                        fit == null
                                ? RasterSize.Fit.REFUSE
                                : choice("--fit", fit, "crop", "pad") == 0 ? RasterSize.Fit.CROP : RasterSize.Fit.PAD),
                transparent,
                new LineLook(byRole, hairline, layers, shareCopies),
                each == null ? ExportRequest.Each.SHEET : EACH.get(choice("--each", each, EACH_WORDS)),
                level,
                how.choices());
    }

    private List<SheetId> sheets(Job job) {
        if (sheets.strip().equalsIgnoreCase("all")) {
            return job.sheets().stream().map(Sheet::id).toList();
        }
        return Arrays.stream(sheets.split(","))
                .map(n -> JobChange.sheet(job, n))
                .toList();
    }

    private static final String[] EACH_WORDS = {"element", "piece", "level", "alternative"};
    private static final List<ExportRequest.Each> EACH = List.of(
            ExportRequest.Each.ELEMENT,
            ExportRequest.Each.PIECE,
            ExportRequest.Each.LEVEL,
            ExportRequest.Each.ALTERNATIVE);

    static int choice(String option, String text, String... words) {
        int i = Arrays.asList(words).indexOf(text.strip().toLowerCase(Locale.ROOT));
        if (i < 0) {
            throw Refusal.of("cli.choice", option, String.join(", ", words), text);
        }
        return i;
    }

    private static OptionalInt optional(Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }

    private void report(List<Exporting.Output> outputs) {
        if (json) {
            ArrayNode all = JsonNodeFactory.instance.arrayNode();
            for (Exporting.Output o : outputs) {
                ObjectNode one = all.addObject()
                        .put("file", o.file().toString())
                        .put("pages", o.pages().size())
                        .put("width_mm", o.pages().getFirst().width())
                        .put("height_mm", o.pages().getFirst().height());
                if (o.size().width() > 1 && !o.trimmed()) {
                    one.put("width_px", o.size().width())
                            .put("height_px", o.size().height());
                }
            }
            out.println(Json.text(all));
        } else if (outputs.size() > 1) {
            outputs.forEach(o -> out.println(o.file()));
        }
    }
}

package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.artwork.Artwork;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.FileName;
import rondel.formats.files.Replacing;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PixelSize;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.svg.PixelScale;
import rondel.geometry.Affine;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** Turns files into files of another kind, each alone on a sheet of its own size. */
@Command(name = "convert", mixinStandardHelpOptions = true)
final class ConvertCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(arity = "1..*", paramLabel = "FILE")
    private List<Path> files;

    @Option(names = "--to", required = true, paramLabel = "svg|pdf|png|jpg")
    private String to;

    @Option(names = "-d", required = true, paramLabel = "DIR")
    private Path folder;

    @Option(names = "--ppi", defaultValue = "300", paramLabel = "N")
    private double ppi;

    @Option(names = "--width", paramLabel = "W")
    private String width;

    @Option(names = "--px-per-inch", paramLabel = "N")
    private Double pxPerInch;

    @Option(names = "--json")
    private boolean json;

    @Mixin
    private Overwriting overwriting;

    ConvertCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    private record Result(Path file, Path target, List<Finding> findings, Optional<String> failure) {}

    @Override
    public Integer call() throws Exception {
        ExportFormat format = ExportFormat.ofExtension(to).orElseThrow(() -> Refusal.of("export.unknownKind", to));
        java.nio.file.Files.createDirectories(folder);
        List<Path> targets = targets(format);
        ArtworkReader reader =
                new ArtworkReader(FontsAtHand.usual(), pxPerInch == null ? PixelScale.CSS : new PixelScale(pxPerInch));
        PictureLevels pictures = PictureLevels.usual();
        List<Result> results = IntStream.range(0, files.size())
                .parallel()
                .mapToObj(i -> convert(files.get(i), targets.get(i), format, reader, pictures))
                .toList();
        report(results);
        return results.stream().anyMatch(r -> r.failure.isPresent()) ? 1 : 0;
    }

    private Result convert(Path file, Path target, ExportFormat format, ArtworkReader reader, PictureLevels pictures) {
        try {
            Replacing over = overwriting.check(target, files);
            Artwork artwork = reader.read(file);
            Job job = artwork.asJob();
            Page page = sized(Page.ofSheet(job, job.sheets().getFirst().id()), format);
            List<Finding> found = new ArrayList<>(artwork.findings());
            found.addAll(format.write(page, pixels(page, format), pictures, target, over));
            return new Result(file, target, found, Optional.empty());
        } catch (Refusal e) {
            return new Result(file, target, List.of(), Optional.of(e.getMessage()));
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            return new Result(file, target, List.of(), Optional.of(Words.of("cli.unexpectedIn", file, e)));
        }
    }

    private Page sized(Page page, ExportFormat format) {
        if (width == null || format.ofPixels() && inPixels()) {
            return page;
        }
        double factor = LengthParser.mm(width, LengthUnit.MM) / page.width();
        if (!(factor > 0)) {
            throw Refusal.of("resize.notPositive");
        }
        Affine scale = Affine.scale(factor, factor);
        return new Page(
                page.title(),
                page.width() * factor,
                page.height() * factor,
                page.paper(),
                page.elements().stream()
                        .map(e -> e.with(t -> t.placedBy(scale)))
                        .toList(),
                page.media());
    }

    private PixelSize pixels(Page page, ExportFormat format) {
        if (!format.ofPixels()) {
            return new PixelSize(1, 1, ppi);
        }
        return width != null && inPixels()
                ? PixelSize.ofWidth(page, Integer.parseInt(width.replaceAll("\\D", "")))
                : PixelSize.atPpi(page, ppi);
    }

    private boolean inPixels() {
        return width.strip().toLowerCase(Locale.ROOT).matches("\\d{1,6}\\s*px");
    }

    /** One name each, also where two files differ only in their folder or ending. */
    private List<Path> targets(ExportFormat format) {
        List<String> names = files.stream()
                .map(f -> FileName.stem(f.getFileName().toString()))
                .toList();
        Set<String> taken = new HashSet<>();
        names.forEach(n -> taken.add(n.toLowerCase(Locale.ROOT)));
        Set<String> used = new HashSet<>();
        return names.stream()
                .map(n -> {
                    String name = n;
                    boolean free = used.add(n.toLowerCase(Locale.ROOT));
                    for (int i = 2; !free; i++) {
                        name = n + "-" + i;
                        free = taken.add(name.toLowerCase(Locale.ROOT));
                    }
                    return folder.resolve(name + "." + format.extension());
                })
                .toList();
    }

    private void report(List<Result> results) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (Result r : results) {
            ObjectNode o = all.addObject().put("file", r.file.toString());
            r.failure.ifPresentOrElse(
                    f -> {
                        o.put("error", f);
                        err.println(f);
                    },
                    () -> o.put("output", r.target.toString()));
            ArrayNode findings = o.putArray("findings");
            r.findings.forEach(f -> findings.addObject()
                    .put("severity", f.severity().name().toLowerCase(Locale.ROOT))
                    .put("code", f.code())
                    .put("sentence", f.sentence()));
            if (!json) {
                r.findings.forEach(f -> out.println(r.file.getFileName() + ": " + f.sentence()));
            }
        }
        if (json) {
            out.println(Json.text(all));
        }
    }
}

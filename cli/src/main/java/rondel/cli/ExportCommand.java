package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PixelSize;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.lines.check.Finding;

/** Writes a sheet, or some of its elements, as SVG, PDF, PNG or JPEG. */
@Command(
        name = "export",
        mixinStandardHelpOptions = true,
        description = "Writes a sheet, or some of its elements, as SVG, PDF, PNG or JPEG at true size.")
final class ExportCommand implements Callable<Integer> {

    private final PrintStream err;

    @Parameters(paramLabel = "JOB", description = "the job file")
    private Path file;

    @Option(names = "-o", required = true, paramLabel = "FILE", description = "what to write: .svg, .pdf, .png or .jpg")
    private Path target;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1", description = "the sheet's number, from 1")
    private int sheet;

    @Option(names = "--only", split = ",", paramLabel = "ID", description = "only these elements, cropped to them")
    private List<String> only;

    @Option(names = "--ppi", defaultValue = "300", paramLabel = "N", description = "pixels per inch, for pictures")
    private double ppi;

    @Option(names = "--transparent", description = "without the paper")
    private boolean transparent;

    @Mixin
    private Overwriting overwriting;

    ExportCommand(PrintStream err) {
        this.err = err;
    }

    @Override
    public Integer call() {
        ExportFormat format = ExportFormat.of(target);
        Replacing over = overwriting.check(target, List.of(file));
        Job job = JobFile.read(file);
        SheetId id = JobChange.sheet(job, sheet);
        Page page = only == null
                ? Page.ofSheet(job, id)
                : Page.ofElements(job, id, only.stream().map(ElementId::new).toList());
        if (transparent) {
            page = page.withoutPaper();
        }
        PixelSize size = format.ofPixels() ? PixelSize.atPpi(page, ppi) : new PixelSize(1, 1, ppi);
        List<Finding> found = format.write(page, size, PictureLevels.usual(), target, over);
        found.forEach(f -> err.println(f.sentence()));
        return 0;
    }
}

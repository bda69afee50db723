package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.compose.sheets.SheetSize;
import rondel.formats.files.FileName;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.units.LengthUnit;

/** Makes a job with one empty sheet. */
@Command(name = "new", mixinStandardHelpOptions = true, description = "Makes a job with one empty sheet of exact size.")
final class NewCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "-o", required = true, paramLabel = "JOB", description = "the job file to write")
    private Path target;

    @Option(
            names = "--sheet",
            required = true,
            paramLabel = "SIZE",
            converter = SizeConverter.class,
            description = "its size, as 12x12in or 210x297mm")
    private Point sheet;

    @Option(names = "--title", paramLabel = "T", description = "the job's title; the file's name without one")
    private String title;

    @Option(
            names = "--unit",
            paramLabel = "UNIT",
            description = "in, mm, cm or pt; in what lengths are shown",
            defaultValue = "in")
    private String unit;

    @Mixin
    private Overwriting overwriting;

    NewCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        SheetSize.check(sheet.x(), sheet.y());
        String name = Optional.ofNullable(title)
                .orElseGet(() -> FileName.stem(target.getFileName().toString()));
        Job job = Job.blank(name, LengthUnit.ofSymbol(unit).orElse(LengthUnit.IN), sheet.x(), sheet.y());
        JobFile.write(job, target, overwriting.check(target, List.of()), PictureLevels.usual());
        out.println(target);
        return 0;
    }
}

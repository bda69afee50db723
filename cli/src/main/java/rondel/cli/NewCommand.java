package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import picocli.CommandLine.TypeConversionException;
import rondel.compose.sheets.PageFormat;
import rondel.compose.sheets.SheetSize;
import rondel.formats.files.FileName;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes a job with one empty sheet. */
@Command(name = "new", mixinStandardHelpOptions = true)
final class NewCommand implements Callable<Integer> {

    private final PrintStream out;

    @Spec
    private CommandSpec spec;

    @Option(names = "-o", required = true, paramLabel = "JOB")
    private Path target;

    @Option(names = "--sheet", required = true, paramLabel = "SIZE")
    private String sheet;

    @Option(names = "--title", paramLabel = "T")
    private String title;

    @Option(names = "--unit", paramLabel = "UNIT")
    private String unit;

    @Mixin
    private Overwriting overwriting;

    NewCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        Point size = size();
        SheetSize.check(size.x(), size.y());
        String name = Optional.ofNullable(title)
                .orElseGet(() -> FileName.stem(target.getFileName().toString()));
        LengthUnit shown = Optional.ofNullable(unit).map(this::unit).orElse(LengthUnit.IN);
        Job job = Job.blank(name, shown, size.x(), size.y());
        JobFile.write(job, target, overwriting.check(target, List.of()), PictureLevels.usual());
        out.println(target);
        return 0;
    }

    /** A format's name, or two lengths of which one at least has a unit; without any, in the unit that was asked for. */
    private Point size() {
        Optional<Point> format = PageFormat.named(sheet);
        if (format.isPresent()) {
            return format.get();
        }
        TypedSize typed;
        try {
            typed = new TypedSize.Converter().convert(sheet);
        } catch (TypeConversionException e) {
            throw new ParameterException(spec.commandLine(), e.getMessage(), e);
        }
        if (!typed.hasUnit() && unit == null) {
            throw new ParameterException(spec.commandLine(), Words.of("cli.sizeWithoutUnit", sheet));
        }
        return typed.mm(unit == null ? LengthUnit.MM : unit(unit));
    }

    private LengthUnit unit(String symbol) {
        return LengthUnit.ofSymbol(symbol)
                .orElseThrow(() -> Refusal.of("cli.choice", "--unit", "in, mm, cm, pt", symbol));
    }
}

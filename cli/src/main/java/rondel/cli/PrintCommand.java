package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.devices.printer.PrintJob;
import rondel.devices.printer.PrinterPort;
import rondel.devices.printer.PrinterScales;
import rondel.devices.printer.SystemPrinter;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.print.PrinterScale;
import rondel.units.LengthUnit;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** Prints at true size. */
@Command(name = "print", mixinStandardHelpOptions = true)
final class PrintCommand implements Callable<Integer> {

    private final PrintStream out;

    @Parameters(index = "0", arity = "0..1", paramLabel = "JOB")
    private Path file;

    @Option(names = "--sheet", paramLabel = "N", defaultValue = "1")
    private String sheets;

    @ArgGroup(multiplicity = "1")
    private Target target;

    @Option(names = "--ruler")
    private boolean ruler;

    @Option(names = "--test-page", paramLabel = "WxH", converter = TypedSize.Converter.class)
    private Optional<TypedSize> testPage = Optional.empty();

    @Option(names = "--scale-of", paramLabel = "PRINTER")
    private Optional<String> scaleOf = Optional.empty();

    @Option(names = "--printers", paramLabel = "FILE")
    private Optional<Path> list = Optional.empty();

    @Option(names = "--tray", paramLabel = "NAME")
    private Optional<String> tray = Optional.empty();

    @Option(names = "--quality", paramLabel = "Q")
    private SystemPrinter.Quality quality = SystemPrinter.Quality.HIGH;

    @Option(names = "--sides", paramLabel = "S")
    private SystemPrinter.Turning sides = SystemPrinter.Turning.ONE_SIDE;

    @Mixin
    private Overwriting overwriting;

    /** Where it goes. */
    static final class Target {
        @Option(names = "-o", paramLabel = "FILE.pdf")
        private Path file;

        @Option(names = "--to", paramLabel = "HOST:PORT", converter = HostAndPort.Converter.class)
        private HostAndPort to;

        @Option(names = "--printer", paramLabel = "NAME")
        private String printer;
    }

    PrintCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        PrintJob print = print();
        PictureLevels pictures = PictureLevels.usual();
        if (target.file != null) {
            AtomicFile.write(
                    target.file,
                    overwriting.check(target.file, file == null ? List.of() : List.of(file)),
                    o -> print.write(pictures, o));
        } else if (target.to != null) {
            PrinterPort.send(print.pdf(pictures), target.to.host(), target.to.port());
        } else {
            SystemPrinter.named(target.printer)
                    .print(print.pdf(pictures), print.job().title(), new SystemPrinter.Settings(tray, quality, sides));
        }
        for (SheetId id : print.sheets()) {
            Sheet s = print.job().sheet(id);
            out.println(s.name() + ": " + Decimals.of(s.width(), 2) + " x " + Decimals.of(s.height(), 2) + " mm");
        }
        return 0;
    }

    private PrintJob print() {
        Optional<PrinterScale> scale = scaleOf.map(p -> new PrinterScales(list.orElseGet(OwnFolders::printers))
                .of(p)
                .orElseThrow(() -> Refusal.of("printer.none", p)));
        if (testPage.isPresent()) {
            Point mm = testPage.get().mm(LengthUnit.MM);
            return PrintJob.testPage(mm.x(), mm.y(), scale);
        }
        if (file == null) {
            throw new Refusal(Words.of("print.noJob"));
        }
        Job job = JobFile.read(file);
        List<SheetId> which = sheets.strip().equalsIgnoreCase("all")
                ? job.sheets().stream().map(Sheet::id).toList()
                : Arrays.stream(sheets.split(","))
                        .map(n -> JobChange.sheet(job, n))
                        .toList();
        return new PrintJob(job, which, ruler, scale);
    }
}

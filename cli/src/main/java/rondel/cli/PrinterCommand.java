package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.devices.Misfeed;
import rondel.devices.printer.standin.StandInPrinter;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The stand-in for a printer. */
@Command(name = "printer", mixinStandardHelpOptions = true)
final class PrinterCommand implements Callable<Integer> {

    private final PrintStream out;

    @Mixin
    private StandInPlace place;

    @Option(names = "--misfeed", paramLabel = "X,Y,DEG,SCALE", converter = MisfeedConverter.class)
    private Misfeed misfeed = Misfeed.NONE;

    @Option(names = "--margin", paramLabel = "L", converter = TypedLength.Converter.class)
    private Optional<TypedLength> margin = Optional.empty();

    @Option(names = "--once")
    private boolean once;

    PrinterCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        Path folder = place.folder();
        CountDownLatch ended = new CountDownLatch(1);
        try (StandInPrinter printer = open(folder)) {
            printer.onPrinted(files -> {
                files.forEach(out::println);
                out.flush();
                if (once) {
                    ended.countDown();
                }
            });
            out.println(Words.of("printer.listens", String.valueOf(printer.port())));
            out.flush();
            ended.await();
        }
        return 0;
    }

    private StandInPrinter open(Path folder) {
        double edge = margin.map(m -> m.mm(LengthUnit.MM)).orElse(3.0);
        return place.open((address, port) -> new StandInPrinter(address, port, folder, misfeed, edge, s -> {
            out.println(s);
            out.flush();
        }));
    }
}

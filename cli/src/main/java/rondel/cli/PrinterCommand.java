package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.devices.Misfeed;
import rondel.devices.printer.standin.StandInPrinter;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The stand-in for a printer. */
@Command(
        name = "printer",
        mixinStandardHelpOptions = true,
        description =
                "A stand-in for a printer: takes PDF on a port, and draws what comes out of it as PNG at 300 ppi.")
final class PrinterCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "--port", paramLabel = "P", required = true, description = "to listen on; 0 for any that is free")
    private int port;

    @Option(names = "--out", paramLabel = "DIR", required = true, description = "the folder to write to")
    private Path folder;

    @Option(
            names = "--misfeed",
            paramLabel = "X,Y,DEG,SCALE",
            converter = MisfeedConverter.class,
            description = "how askew it prints: mm to the right, mm up, degrees, scale")
    private Misfeed misfeed = Misfeed.NONE;

    @Option(
            names = "--margin",
            paramLabel = "L",
            converter = TypedLength.Converter.class,
            description = "how near to the edges it can print; 3 mm without it")
    private Optional<TypedLength> margin = Optional.empty();

    @Option(names = "--once", description = "ends after the first job")
    private boolean once;

    @Option(
            names = "--listen",
            paramLabel = "ADDRESS",
            description = "listens for others than this machine, at an address of it")
    private Optional<String> listen = Optional.empty();

    PrinterCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        Files.createDirectories(folder);
        CountDownLatch ended = new CountDownLatch(1);
        try (StandInPrinter printer = open()) {
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

    private StandInPrinter open() {
        try {
            InetAddress address =
                    listen.isPresent() ? InetAddress.getByName(listen.get()) : InetAddress.getLoopbackAddress();
            double edge = margin.map(m -> m.mm(LengthUnit.MM)).orElse(3.0);
            return new StandInPrinter(address, port, folder, misfeed, edge, s -> {
                out.println(s);
                out.flush();
            });
        } catch (IOException e) {
            throw new Refusal(Words.of("device.port", String.valueOf(port), e.getMessage()), e);
        }
    }
}

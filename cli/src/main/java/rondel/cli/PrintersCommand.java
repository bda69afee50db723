package rondel.cli;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.devices.printer.PrinterScales;
import rondel.devices.printer.SystemPrinter;
import rondel.formats.files.OwnFolders;
import rondel.geometry.Point;
import rondel.run.print.PrinterScale;
import rondel.units.LengthUnit;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lists the system's printers, and keeps what was measured of any. */
@Command(name = "printers", mixinStandardHelpOptions = true)
final class PrintersCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "--name", paramLabel = "PRINTER")
    private Optional<String> name = Optional.empty();

    @Option(names = "--measured", paramLabel = "WxH", converter = TypedSize.Converter.class)
    private Optional<TypedSize> measured = Optional.empty();

    @Option(names = "--square", paramLabel = "L", converter = TypedLength.Converter.class)
    private Optional<TypedLength> square = Optional.empty();

    @Option(names = "--forget")
    private boolean forget;

    @Option(names = "--list", paramLabel = "FILE")
    private Optional<Path> list = Optional.empty();

    @Option(names = "--json")
    private boolean json;

    PrintersCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        PrinterScales scales = new PrinterScales(list.orElseGet(OwnFolders::printers));
        if (measured.isPresent() || forget) {
            String of = name.orElseThrow(() -> Refusal.of("printer.noName"));
            if (forget) {
                scales.remove(of);
            } else {
                Point mm = measured.get().mm(LengthUnit.MM);
                double side =
                        square.orElseThrow(() -> Refusal.of("printer.noSquare")).mm(LengthUnit.MM);
                scales.keep(PrinterScale.measured(of, mm.x(), mm.y(), side));
            }
        }
        List<SystemPrinter> system = SystemPrinter.all();
        if (json) {
            ObjectNode node = JsonNodeFactory.instance.objectNode();
            node.putArray("system");
            system.forEach(p -> {
                ObjectNode one = node.withArray("system").addObject().put("name", p.name());
                p.trays().forEach(t -> one.withArray("trays").add(t));
            });
            node.putArray("measured");
            scales.all().forEach(s -> node.withArray("measured").add(scales.json(s)));
            out.println(Json.text(node));
        } else {
            system.forEach(p -> out.println(p.name()));
            scales.all()
                    .forEach(s -> out.println(Words.of(
                            "cli.printers.scale",
                            s.printer(),
                            Decimals.of(100 * s.across(), 3),
                            Decimals.of(100 * s.down(), 3))));
        }
        return 0;
    }
}

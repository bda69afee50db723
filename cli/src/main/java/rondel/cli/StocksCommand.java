package rondel.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.StockLibrary;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Margins;
import rondel.job.Rgba;
import rondel.job.Stock;
import rondel.units.LengthUnit;
import rondel.words.Decimals;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lists the stocks that there are, and keeps the person's own. */
@Command(name = "stocks", mixinStandardHelpOptions = true)
final class StocksCommand implements Callable<Integer> {

    private final PrintStream out;

    @Option(names = "--add", paramLabel = "NAME")
    private Optional<String> add;

    @Option(names = "--remove", paramLabel = "NAME")
    private Optional<String> remove;

    @Option(names = "--size", paramLabel = "WxH", converter = TypedSize.Converter.class)
    private Optional<TypedSize> size;

    @Option(names = "--roll")
    private boolean roll;

    @Option(names = "--printer-margin", split = ",", paramLabel = "L|T,R,B,L", converter = TypedLength.Converter.class)
    private List<TypedLength> printer = List.of();

    @Option(names = "--cutter-margin", split = ",", paramLabel = "L|T,R,B,L", converter = TypedLength.Converter.class)
    private List<TypedLength> cutter = List.of();

    @Option(names = "--grain", paramLabel = "WAY")
    private Stock.Grain grain = Stock.Grain.NONE;

    @Option(names = "--price", paramLabel = "N")
    private Optional<Double> price;

    @Option(names = "--list", paramLabel = "FILE")
    private Optional<Path> list;

    @Option(names = "--json")
    private boolean json;

    StocksCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() {
        StockLibrary library = new StockLibrary(list.orElseGet(OwnFolders::stocks));
        remove.ifPresent(library::remove);
        add.ifPresent(name -> library.add(stock(name)));
        if (json) {
            ArrayNode array = JsonNodeFactory.instance.arrayNode();
            library.all().forEach(s -> array.add(library.json(s)));
            out.println(Json.text(array));
        } else {
            library.all().forEach(this::print);
        }
        return 0;
    }

    private Stock stock(String name) {
        Point mm = size.orElseThrow(() -> Refusal.of("stock.noSize")).mm(LengthUnit.MM);
        return new Stock(
                name,
                mm.x(),
                mm.y(),
                roll,
                margins(printer),
                margins(cutter),
                grain,
                Rgba.WHITE,
                price.map(OptionalDouble::of).orElse(OptionalDouble.empty()));
    }

    /** One length for all edges, or top, right, bottom and left. */
    static Margins margins(List<TypedLength> typed) {
        List<Double> mm = typed.stream().map(l -> l.mm(LengthUnit.MM)).toList();
        return switch (mm.size()) {
            case 0 -> Margins.NONE;
            case 1 -> Margins.all(mm.getFirst());
            case 4 -> new Margins(mm.get(3), mm.get(0), mm.get(1), mm.get(2));
            default -> throw Refusal.of("stock.margins");
        };
    }

    private void print(Stock s) {
        Box usable = s.usable();
        out.printf(
                "%-16s %8s x %8s mm, %s %8s x %8s mm%s%n",
                s.name(),
                Decimals.of(s.width(), 2),
                Decimals.of(s.height(), 2),
                Words.of("cli.stocks.usable"),
                Decimals.of(usable.width(), 2),
                Decimals.of(usable.height(), 2),
                s.roll() ? ", " + Words.of("cli.roll") : "");
    }
}

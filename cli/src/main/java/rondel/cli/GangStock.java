package rondel.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import picocli.CommandLine.Option;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.StockLibrary;
import rondel.geometry.Point;
import rondel.job.Job;
import rondel.job.Margins;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.words.Refusal;

/** Which stocks are laid out on. */
final class GangStock {

    @Option(names = "--stock", paramLabel = "NAME|WxH[=N]", required = true, split = ",")
    private List<String> stocks = List.of();

    @Option(names = "--margin", paramLabel = "L|T,R,B,L", split = ",", converter = TypedLength.Converter.class)
    private List<TypedLength> margin = List.of();

    @Option(names = "--stocks", paramLabel = "FILE")
    private Optional<Path> list = Optional.empty();

    List<StockCount> of(Job job) {
        List<StockCount> all = new ArrayList<>();
        for (String said : stocks) {
            String[] parts = said.split("=", 2);
            if (parts.length > 1 && !parts[1].strip().matches("[1-9]\\d{0,4}")) {
                throw Refusal.of("cli.stockCount", said);
            }
            Stock stock = stock(parts[0].strip(), job);
            all.add(new StockCount(
                    margin.isEmpty() ? stock : stock.withMargins(Margins.NONE, StocksCommand.margins(margin)),
                    parts.length > 1 ? OptionalInt.of(Integer.parseInt(parts[1].strip())) : OptionalInt.empty()));
        }
        return all;
    }

    private Stock stock(String said, Job job) {
        StockLibrary library = new StockLibrary(list.orElseGet(OwnFolders::stocks));
        boolean known = library.all().stream().anyMatch(s -> s.name().equalsIgnoreCase(said));
        if (known || !said.matches(".*\\d.*[xX×].*\\d.*")) {
            return library.named(said);
        }
        try {
            Point mm = new TypedSize.Converter().convert(said).mm(job.unit());
            return Stock.sheet(said, mm.x(), mm.y());
        } catch (picocli.CommandLine.TypeConversionException e) {
            throw new Refusal(e.getMessage(), e);
        }
    }
}

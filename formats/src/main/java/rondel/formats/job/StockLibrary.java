package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import rondel.formats.files.AtomicFile;
import rondel.gang.stock.ShippedStocks;
import rondel.job.Stock;
import rondel.words.Refusal;
import rondel.words.Words;

/** The stocks that a person has, in a small JSON file that they may edit, beside those that ship. Safe on any thread. */
public final class StockLibrary {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final JobMapper stocks = JobMapper.ofOperations(MediaStore.inline());
    private final Path file;

    /** @param file that they are kept in; it need not be there yet */
    public StockLibrary(Path file) {
        this.file = file;
    }

    /** Every stock: those that ship, then the person's own.
     *
     * @throws Refusal if the file is there and can't be read */
    public synchronized List<Stock> all() {
        return Stream.concat(ShippedStocks.ALL.stream(), own().stream()).toList();
    }

    /** A stock by its name, in whatever case.
     *
     * @throws Refusal if there is none */
    public Stock named(String name) {
        return all().stream().filter(s -> same(s, name)).findFirst().orElseThrow(() -> Refusal.of("stock.none", name));
    }

    private static boolean same(Stock stock, String name) {
        return stock.name().toLowerCase(Locale.ROOT).equals(name.strip().toLowerCase(Locale.ROOT));
    }

    /** Keeps a stock.
     *
     * @throws Refusal if one is called so already */
    public synchronized void add(Stock stock) {
        if (all().stream().anyMatch(s -> same(s, stock.name()))) {
            throw Refusal.of("stock.twice", stock.name());
        }
        List<Stock> next = new ArrayList<>(own());
        next.add(stock);
        write(next);
    }

    /** Takes a stock of the person's own off the list.
     *
     * @throws Refusal if there is none like it, or it ships */
    public synchronized void remove(String name) {
        Stock stock = named(name);
        if (ShippedStocks.ALL.contains(stock)) {
            throw Refusal.of("stock.shipped", stock.name());
        }
        write(own().stream().filter(s -> !same(s, name)).toList());
    }

    private List<Stock> own() {
        if (!Files.isRegularFile(file)) {
            return List.of();
        }
        try {
            JsonNode root = MAPPER.readTree(Files.readAllBytes(file));
            List<Stock> found = new ArrayList<>();
            root.forEach(node -> found.add(stocks.read(node, Stock.class)));
            return found;
        } catch (BadJson e) {
            throw new Refusal(Words.of("stock.damaged", file, e.field()), e);
        } catch (JsonProcessingException e) {
            throw new Refusal(Words.of("stock.damaged", file, e.getOriginalMessage()), e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    private void write(List<Stock> next) {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        next.forEach(s -> array.add(json(s)));
        try {
            byte[] bytes = MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(array);
            Files.createDirectories(file.toAbsolutePath().getParent());
            AtomicFile.write(file, out -> out.write(bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A stock as JSON, as the file has it. */
    public JsonNode json(Stock stock) {
        return stocks.write(stock);
    }
}

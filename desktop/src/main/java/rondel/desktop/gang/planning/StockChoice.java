package rondel.desktop.gang.planning;

import java.util.List;
import java.util.function.Consumer;
import rondel.desktop.desk.Desk;
import rondel.formats.job.StockLibrary;
import rondel.gang.stock.ShippedStocks;
import rondel.job.Stock;

/** The stocks that can be chosen: those that ship, and the person's own, which are read and kept in the background. */
public final class StockChoice {

    private final Desk desk;
    private final StockLibrary library;
    private List<Stock> stocks = ShippedStocks.ALL;

    public StockChoice(Desk desk, StockLibrary library) {
        this.desk = desk;
        this.library = library;
    }

    public List<Stock> all() {
        return stocks;
    }

    /** Reads the person's list again.
     *
     * @param then hears of the stocks when they are there */
    public void read(Consumer<List<Stock>> then) {
        desk.workers()
                .file(
                        library::all,
                        all -> {
                            stocks = all;
                            then.accept(all);
                        },
                        desk.notices()::failed,
                        () -> {});
    }

    /** Keeps a stock in the person's list, in the place of an older one of its name. */
    public void keep(Stock stock, Runnable then) {
        desk.workers()
                .file(
                        () -> {
                            if (library.all().stream()
                                    .anyMatch(s -> s.name().equals(stock.name())
                                            && ShippedStocks.ALL.stream()
                                                    .noneMatch(x -> x.name().equals(s.name())))) {
                                library.remove(stock.name());
                            }
                            library.add(stock);
                            return library.all();
                        },
                        all -> {
                            stocks = all;
                            then.run();
                        },
                        desk.notices()::failed,
                        () -> {});
    }
}

package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.gang.stock.ShippedStocks;
import rondel.job.Margins;
import rondel.job.Rgba;
import rondel.job.Stock;
import rondel.words.Refusal;

/** The person's stocks in their file. */
class StockLibraryTest {

    @TempDir
    private Path folder;

    private static final Stock CARD = new Stock(
            "Kraft card",
            304.8,
            304.8,
            false,
            Margins.all(3),
            new Margins(6, 6, 6, 12),
            Stock.Grain.DOWN,
            new Rgba(0xc8, 0xa8, 0x7c, 255),
            OptionalDouble.of(0.75));

    @Test
    void whatIsAddedIsThereAgainAndCanBeTakenOff() {
        StockLibrary library = new StockLibrary(folder.resolve("own/stocks.json"));
        assertThat(library.all()).isEqualTo(ShippedStocks.ALL);
        library.add(CARD);
        StockLibrary again = new StockLibrary(folder.resolve("own/stocks.json"));
        assertThat(again.named("kraft CARD")).isEqualTo(CARD);
        assertThatThrownBy(() -> again.add(CARD)).isInstanceOf(Refusal.class);
        again.remove("Kraft card");
        assertThat(library.all()).isEqualTo(ShippedStocks.ALL);
        assertThatThrownBy(() -> library.remove("A4"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("ships");
    }

    @Test
    void aListTypedByHandMayLeaveOutWhatIsUsualAndLengthsMayHaveUnits() throws Exception {
        Path file = folder.resolve("stocks.json");
        Files.writeString(file, "[{\"name\": \"Label sheet\", \"width\": \"8.5 in\", \"height\": \"11 in\"}]");
        assertThat(new StockLibrary(file).named("Label sheet")).isEqualTo(Stock.sheet("Label sheet", 215.9, 279.4));
    }

    @Test
    void aDamagedListIsLeftAsItIsAndSaidSo() throws Exception {
        Path file = folder.resolve("stocks.json");
        for (String bad :
                new String[] {"[{\"name\": \"A\", \"width\": 20}]", "[{", "[{\"name\":\"A\",\"width\":1,\"height\":2}]"
                }) {
            Files.writeString(file, bad);
            StockLibrary library = new StockLibrary(file);
            assertThatThrownBy(library::all).isInstanceOf(Refusal.class);
            assertThatThrownBy(() -> library.add(CARD)).isInstanceOf(Refusal.class);
            assertThat(file).hasContent(bad);
        }
    }
}

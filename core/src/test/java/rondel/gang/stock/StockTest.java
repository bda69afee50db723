package rondel.gang.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.job.Margins;
import rondel.job.Stock;
import rondel.words.Refusal;

/** What can be used of stock. */
class StockTest {

    @Test
    void whatBothMachinesReachIsUsable() {
        Stock page = Stock.sheet("Page", 200, 300).withMargins(new Margins(4, 4, 4, 12), new Margins(6, 2, 6, 2));
        assertThat(page.usable()).isEqualTo(new Box(6, 4, 188, 284));
        assertThat(page.share(30_000, 0)).isEqualTo(0.5);
    }

    @Test
    void stocksOfEverydaySizesShipAndCanAllBeUsed() {
        assertThat(ShippedStocks.ALL).extracting(Stock::name).contains("Letter", "A4", "12x12", "13x19", "Roll 12 in");
        assertThat(ShippedStocks.ALL).allSatisfy(s -> {
            assertThat(s.usable().width()).isGreaterThan(80);
            assertThat(s.usable().height()).isGreaterThan(130);
        });
        Stock roll = ShippedStocks.ALL.getLast();
        assertThat(roll.share(roll.width() * 50, 100)).isEqualTo(0.5);
    }

    @Test
    void marginsThatLeaveNothingAreRefused() {
        Stock small = Stock.sheet("Small", 20, 20);
        assertThatThrownBy(() -> small.withMargins(Margins.all(10), Margins.NONE))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Stock.sheet("", 20, 20)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Margins.all(-1)).isInstanceOf(Refusal.class);
    }
}

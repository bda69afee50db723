package rondel.job;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import rondel.fields.LeftOut;
import rondel.words.Refusal;

/** What is laid out onto what, and how. Its sheets are worked out from it and from its designs, and again after every edit of them.
 *
 * @param designs at least one
 * @param stocks at least one, in the order in which they are used
 * @param without the numbers of copies that a hand has taken out */
public record Plan(
        PlanId id,
        String name,
        List<DesignCount> designs,
        List<StockCount> stocks,
        Way way,
        MarkSettings marks,
        @LeftOut("[]") List<Integer> without) {

    /** @throws Refusal if nothing is laid out, or onto nothing */
    public Plan {
        designs = List.copyOf(designs);
        stocks = List.copyOf(stocks);
        without = List.copyOf(new TreeSet<>(without));
        if (designs.isEmpty()) {
            throw Refusal.of("plan.nothing");
        }
        if (stocks.isEmpty()) {
            throw Refusal.of("plan.noStock");
        }
    }

    public Plan withId(PlanId other) {
        return new Plan(other, name, designs, stocks, way, marks, without);
    }

    public Plan withName(String other) {
        return new Plan(id, other, designs, stocks, way, marks, without);
    }

    public Plan withDesigns(List<DesignCount> other) {
        return new Plan(id, name, other, stocks, way, marks, without);
    }

    public Plan withStocks(List<StockCount> other) {
        return new Plan(id, name, designs, other, way, marks, without);
    }

    public Plan withWay(Way other) {
        return new Plan(id, name, designs, stocks, other, marks, without);
    }

    public Plan withMarks(MarkSettings other) {
        return new Plan(id, name, designs, stocks, way, other, without);
    }

    public Plan without(Set<Integer> others) {
        return new Plan(id, name, designs, stocks, way, marks, List.copyOf(others));
    }

    /** The first stock, which is the only one in most plans. */
    public Stock stock() {
        return stocks.getFirst().stock();
    }
}

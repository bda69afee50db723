package rondel.launcher.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rondel.compose.arrange.SetRole;
import rondel.gang.plan.LayOut;
import rondel.gang.stock.ShippedStocks;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NestSettings;
import rondel.job.Role;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.job.Way;
import rondel.lines.combine.ToOutlines;
import rondel.units.LengthUnit;

/** Letters and leaves to be cut from card, packed by their shapes. */
final class NestedLeaves {

    private NestedLeaves() {}

    static Job make() {
        Making m = new Making(Job.blank("Letters and leaves", LengthUnit.MM, 300, 160));
        List<DesignCount> designs = new ArrayList<>();
        String word = "TIDE";
        for (int i = 0; i < word.length(); i++) {
            ElementId letter = m.text(word.substring(i, i + 1), "EB Garamond", 70, 40 + i * 70, 70, Making.DEEP);
            m.then(new ToOutlines(List.of(letter), false));
            designs.add(cut(m, letter, 4));
        }
        designs.add(cut(m, leaf(m, "Long leaf", 20, 90, 62, 20), 10));
        designs.add(cut(m, leaf(m, "Round leaf", 100, 90, 38, 28), 9));
        designs.add(cut(m, leaf(m, "Small leaf", 160, 90, 24, 10), 12));
        Stock card = ShippedStocks.ALL.stream()
                .filter(s -> s.name().equals("12x12"))
                .findFirst()
                .orElseThrow();
        m.then(new LayOut(
                "Card, 12 x 12",
                designs,
                List.of(new StockCount(card, OptionalInt.empty())),
                new Way.Nest(NestSettings.USUAL.withRounds(8), Optional.empty()),
                MarkSettings.NONE));
        return m.job();
    }

    private static DesignCount cut(Making m, ElementId id, int count) {
        m.then(new SetRole(List.of(id), Role.CUT));
        return DesignCount.of(new Design.Whole(id), count);
    }

    /** Two arcs that meet in two points, with a small stalk. */
    private static ElementId leaf(Making m, String name, double x, double y, double length, double width) {
        Outline outline = new OutlineBuilder()
                .moveTo(x, y + width / 2)
                .cubicTo(
                        x + length * 0.25,
                        y - width * 0.1,
                        x + length * 0.7,
                        y - width * 0.1,
                        x + length,
                        y + width / 2)
                .cubicTo(x + length * 0.7, y + width * 1.1, x + length * 0.25, y + width * 1.1, x, y + width / 2)
                .close()
                .build();
        return m.shape(name, outline, Making.SEA, Optional.empty());
    }
}

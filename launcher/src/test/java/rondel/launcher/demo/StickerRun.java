package rondel.launcher.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.compose.arrange.Group;
import rondel.gang.plan.LayOut;
import rondel.gang.stock.ShippedStocks;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.MarkSettings;
import rondel.job.RowSettings;
import rondel.job.StockCount;
import rondel.job.Way;
import rondel.lines.halo.MakeHalo;
import rondel.units.LengthUnit;

/** Three stickers in rows on letter stock, with marks by which the cutter finds the print. */
final class StickerRun {

    private static final List<String> ART =
            List.of("creatures/octopus.svg", "creatures/whale.svg", "shells/sand-dollar.svg");

    private StickerRun() {}

    static Job make() {
        Making m = new Making(Job.blank("Sticker run", LengthUnit.IN, 152.4, 76.2));
        HaloSettings rim = new HaloSettings(2, HaloSettings.Corners.ROUND, 5, HaloSettings.ALL_HOLES, 0.6, 0.5);
        List<DesignCount> designs = new ArrayList<>();
        for (int i = 0; i < ART.size(); i++) {
            ElementId art = m.placeWithin(ART.get(i), new Box(8 + i * 50, 18, 36, 36));
            m.then(new MakeHalo(
                    List.of(art), rim, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty()));
            ElementId halo = m.sheet().elements().stream()
                    .filter(e -> e.traits()
                            .link()
                            .filter(Link.Around.class::isInstance)
                            .isPresent())
                    .map(Element::id)
                    .toList()
                    .getLast();
            String name = m.job().located(art).element().name();
            designs.add(DesignCount.of(
                    new Design.Whole(m.then(new Group(List.of(art, halo), name + " sticker"))
                            .getFirst()),
                    i == 0 ? 8 : 12));
        }
        m.then(new LayOut(
                "Stickers, letter",
                designs,
                List.of(new StockCount(ShippedStocks.ALL.getFirst(), OptionalInt.empty())),
                new Way.Rows(
                        new RowSettings(3.175, 3.175, RowSettings.Turns.QUARTER, RowSettings.Alternate.NONE, true),
                        Way.Order.ACROSS,
                        Way.Cutting.OWN),
                new MarkSettings(false, false, true, true, true, 5, 3, 0.1)));
        return m.job();
    }
}

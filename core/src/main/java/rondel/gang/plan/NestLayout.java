package rondel.gang.plan;

import java.util.ArrayList;
import java.util.List;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.NestResult;
import rondel.job.Plan;
import rondel.job.Stock;
import rondel.job.Way;

/** Lays out what a search for the places of true shapes has found. */
final class NestLayout {

    private NestLayout() {}

    static Layout lay(Plan plan, Way.Nest way, DesignContents contents, boolean bothSides) {
        List<Design> items = items(plan);
        NestResult found = way.found()
                .filter(f -> f.places().size() == items.size())
                .orElseThrow(() -> new IllegalStateException("a nest that was not searched: " + plan.id()));
        int sheets =
                found.places().stream().mapToInt(NestResult.Place::sheet).max().orElse(-1) + 1;
        List<List<LaidCopy>> copies = new ArrayList<>();
        for (int s = 0; s < sheets; s++) {
            copies.add(new ArrayList<>());
        }
        for (int i = 0; i < items.size(); i++) {
            NestResult.Place p = found.places().get(i);
            Affine place = Affine.translate(p.x(), p.y()).times(Affine.rotate(p.turn()));
            Box box = contents.of(items.get(i)).box().transformed(place);
            copies.get(p.sheet()).add(new LaidCopy(i, items.get(i), place, box));
        }
        List<LaidSheet> laid = new ArrayList<>();
        for (int s = 0; s < sheets; s++) {
            Stock stock = Layout.stock(plan.stocks(), s);
            laid.add(new LaidSheet(
                    stock == null ? plan.stock() : stock,
                    s,
                    false,
                    PlanArea.of(stock == null ? plan.stock() : stock, plan.marks(), bothSides),
                    copies.get(s)));
        }
        return new Layout(laid, 0);
    }

    /** Each piece that is wanted, design by design; of those that are wanted as often as they fit, one. */
    static List<Design> items(Plan plan) {
        List<Design> all = new ArrayList<>();
        for (DesignCount d : plan.designs()) {
            for (int i = 0; i < d.count().orElse(1); i++) {
                all.add(d.design());
            }
        }
        return all;
    }
}

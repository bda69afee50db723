package rondel.gang.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.locationtech.jts.geom.Geometry;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Plan;
import rondel.job.PlannedSheet;
import rondel.job.Sheet;
import rondel.job.Stock;

/** What a plan comes to, in figures.
 *
 * @param sheets of stock
 * @param copies on all of them
 * @param fullest how many are on the sheet that has the most
 * @param used the share of the stock that the pieces cover, 0 to 1; of a roll, of the length that is taken off it
 * @param cost of the stock, where its price is known
 * @param byHand how many a hand has moved, swapped or locked
 * @param takenOut how many a hand has taken out
 * @param made how many there are of each design, in the order of the plan */
public record PlanFigures(
        int sheets,
        int copies,
        int fullest,
        double used,
        OptionalDouble cost,
        int byHand,
        int takenOut,
        List<Made> made) {

    /** A design and how many of it came out.
     *
     * @param wanted nothing for as many as fit */
    public record Made(Design design, OptionalInt wanted, int count) {}

    /** As the plan's sheets are now; the other sides of sheets are not counted again. */
    public static PlanFigures of(Job job, Plan plan) {
        Map<Design, Integer> counts = new HashMap<>();
        int sheets = 0;
        int copies = 0;
        int fullest = 0;
        int byHand = 0;
        double covered = 0;
        double all = 0;
        double cost = 0;
        boolean priced = true;
        for (Sheet sheet : PlannedSheet.sheetsOf(job, plan.id())) {
            if (sheet.planned().orElseThrow().inside()) {
                continue;
            }
            Stock stock = Layout.stock(plan.stocks(), sheets);
            sheets++;
            int here = 0;
            for (Element e : sheet.elements()) {
                if (e instanceof CopyElement c) {
                    here++;
                    counts.merge(c.of().alone(), 1, Integer::sum);
                    byHand += c.keptByHand() ? 1 : 0;
                    covered += TrueShape.of(job, c.of(), c.content())
                                    .map(Geometry::getArea)
                                    .orElse(0.0)
                            * Math.abs(c.placement().determinant());
                }
            }
            copies += here;
            fullest = Math.max(fullest, here);
            all += sheet.width() * sheet.height();
            priced &= stock != null && stock.price().isPresent();
            cost += priced ? stock.price().getAsDouble() * (stock.roll() ? sheet.height() / stock.height() : 1) : 0;
        }
        List<Made> made = new ArrayList<>();
        for (DesignCount d : plan.designs()) {
            made.add(new Made(
                    d.design(), d.count(), counts.getOrDefault(d.design().alone(), 0)));
        }
        return new PlanFigures(
                sheets,
                copies,
                fullest,
                all > 0 ? covered / all : 0,
                priced && sheets > 0 ? OptionalDouble.of(cost) : OptionalDouble.empty(),
                byHand,
                plan.without().size(),
                made);
    }
}

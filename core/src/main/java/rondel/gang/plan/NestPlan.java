package rondel.gang.plan;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.zip.CRC32;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import rondel.gang.copies.DesignContents;
import rondel.gang.nest.NestSearch;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.NestResult;
import rondel.job.Plan;
import rondel.job.Stock;
import rondel.job.Way;
import rondel.words.Refusal;

/** The search for the places of a plan that packs true shapes. */
public final class NestPlan {

    private static final int MOST_SHEETS = 500;

    private final Plan plan;
    private final Way.Nest way;
    private final String shapes;
    private final NestSearch search;
    private final double area;

    /** @throws Refusal if the plan packs no true shapes, or a piece is not there or fits nowhere */
    public NestPlan(Plan plan, DesignContents contents) {
        if (!(plan.way() instanceof Way.Nest nest)) {
            throw Refusal.of("nest.noNest");
        }
        this.plan = plan;
        this.way = nest;
        List<Geometry> all = shapes(plan, contents);
        this.shapes = fingerprint(all);
        this.area = all.stream().mapToDouble(Geometry::getArea).sum();
        this.search = new NestSearch(all, sheets(plan, all), nest.settings());
    }

    private static List<Geometry> shapes(Plan plan, DesignContents contents) {
        List<Geometry> all = new ArrayList<>();
        for (Design d : NestLayout.items(plan)) {
            contents.box(d);
            all.add(TrueShape.of(contents.job(), d, contents.of(d))
                    .orElseThrow(() -> Refusal.of("copy.nothing", DesignContents.name(contents.job(), d))));
        }
        return all;
    }

    /** Enough sheets for the pieces side by side, each by its box: more than there are, as a first packing may need more than the last. */
    private static List<NestSearch.Sheet> sheets(Plan plan, List<Geometry> shapes) {
        List<NestSearch.Sheet> all = new ArrayList<>();
        int most = Math.min(MOST_SHEETS, shapes.size());
        for (int s = 0; s < most; s++) {
            Stock more = Layout.stock(plan.stocks(), s);
            Stock stock = more == null ? plan.stocks().getLast().stock() : more;
            Box area = PlanArea.of(stock, plan.marks(), OtherSide.isMade(plan));
            all.add(new NestSearch.Sheet(stock.grain(), area.x(), area.y(), area.width(), area.height()));
        }
        return all;
    }

    /** The plan with what the search has found.
     *
     * @param watched hears of the plan with each better packing, on any thread */
    public Plan run(Consumer<Plan> watched) {
        NestSearch.Found found = search.run(f -> watched.accept(with(f)));
        if (Layout.stock(plan.stocks(), found.sheets() - 1) == null) {
            throw Refusal.of("nest.tooFewSheets", found.sheets());
        }
        return with(found);
    }

    /** Ends the search soon, with what it has found. Safe on any thread. */
    public void stop() {
        search.stop();
    }

    private Plan with(NestSearch.Found found) {
        return plan.withWay(
                new Way.Nest(way.settings(), java.util.Optional.of(new NestResult(shapes, found.places()))));
    }

    /** The area of all pieces, in mm². */
    public double area() {
        return area;
    }

    /** Whether the pieces of a plan still look as they did when their places were found. */
    public static Freshness freshness(Plan plan, DesignContents contents) {
        if (!(plan.way() instanceof Way.Nest nest)) {
            return new Freshness.Fresh();
        }
        try {
            String now = fingerprint(shapes(plan, contents));
            return nest.found().filter(f -> f.shapes().equals(now)).isPresent()
                    ? new Freshness.Fresh()
                    : new Freshness.Stale();
        } catch (Refusal why) {
            return new Freshness.Refused(why);
        }
    }

    /** Tells shapes apart: equal for shapes that are the same to a hundredth of a millimetre. */
    private static String fingerprint(List<Geometry> shapes) {
        CRC32 crc = new CRC32();
        for (Geometry g : shapes) {
            for (Coordinate c : g.getCoordinates()) {
                crc.update((Math.round(c.x * 100) + "," + Math.round(c.y * 100) + ";")
                        .getBytes(StandardCharsets.US_ASCII));
            }
            crc.update('|');
        }
        return String.format(Locale.ROOT, "%08x-%d", crc.getValue(), shapes.size());
    }
}

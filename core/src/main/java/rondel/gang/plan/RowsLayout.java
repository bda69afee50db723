package rondel.gang.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.gang.copies.ContentBleed;
import rondel.gang.copies.DesignContents;
import rondel.gang.copies.NeighbouredContent;
import rondel.gang.rows.RowPlace;
import rondel.gang.rows.StepAndRepeat;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.CopyContent;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Plan;
import rondel.job.RowSettings;
import rondel.job.Stock;
import rondel.job.Way;
import rondel.progress.Cancellation;
import rondel.words.Refusal;

/** Step and repeat of one or several designs on one run of sheets. Designs of one size that follow each other share rows; where the size
 *  changes, new rows begin below. */
final class RowsLayout {

    private static final double SAME = 1e-6;

    /** Bleed that is cut off by less is not worth a clip, in mm. */
    private static final double CUT_OFF = 1e-3;

    /** More sheets are not laid out by one plan. */
    private static final int MOST_SHEETS = 10_000;

    private final Plan plan;
    private final Way.Rows way;
    private final DesignContents contents;
    private final boolean bothSides;
    private final List<LaidSheet> sheets = new ArrayList<>();
    private List<LaidCopy> open = new ArrayList<>();
    private double taken;
    private int index;
    private int left;

    RowsLayout(Plan plan, Way.Rows way, DesignContents contents, boolean bothSides) {
        this.plan = plan;
        this.way = way;
        this.contents = contents;
        this.bothSides = bothSides;
    }

    /** Designs of one size that follow each other. */
    private record Band(double width, double height, List<DesignCount> designs) {

        List<Design> counted() {
            List<Design> all = new ArrayList<>();
            for (DesignCount d : designs) {
                for (int i = 0; i < d.count().orElse(0); i++) {
                    all.add(d.design());
                }
            }
            return all;
        }

        List<Design> filling() {
            return designs.stream()
                    .filter(d -> d.count().isEmpty())
                    .map(DesignCount::design)
                    .toList();
        }
    }

    Layout lay() {
        List<Band> bands = bands();
        for (Band band : bands) {
            lay(band, bands.size() == 1);
        }
        if (!open.isEmpty()) {
            close();
        }
        return new Layout(sheets, left);
    }

    private List<Band> bands() {
        List<Band> bands = new ArrayList<>();
        for (DesignCount d : plan.designs()) {
            Box box = contents.box(d.design());
            Band last = bands.isEmpty() ? null : bands.getLast();
            if (last != null
                    && Math.abs(last.width - box.width()) < SAME
                    && Math.abs(last.height - box.height()) < SAME) {
                last.designs.add(d);
            } else {
                bands.add(new Band(box.width(), box.height(), new ArrayList<>(List.of(d))));
            }
        }
        return bands;
    }

    private void lay(Band band, boolean only) {
        List<Design> counted = band.counted();
        List<Design> filling = band.filling();
        if (only && way.order() == Way.Order.STACK && filling.isEmpty()) {
            stacked(band, counted);
            return;
        }
        int next = 0;
        while (next < counted.size() || !filling.isEmpty()) {
            Cancellation.check();
            Stock stock = Layout.stock(plan.stocks(), sheets.size());
            if (stock == null || sheets.size() >= MOST_SHEETS) {
                left += counted.size() - next;
                return;
            }
            List<RowPlace> places = places(stock, band, only);
            if (places.isEmpty() && open.isEmpty()) {
                throw tooLarge(band, stock);
            }
            int here = Math.min(places.size(), counted.size() - next);
            List<Design> row = new ArrayList<>(counted.subList(next, next + here));
            next += here;
            int rest = places.size() - here;
            for (int i = 0; i < rest && !filling.isEmpty() && next == counted.size(); i++) {
                row.add(filling.get((int) ((long) i * filling.size() / rest)));
            }
            boolean filled = !filling.isEmpty() && row.size() > here;
            for (int i = 0; i < row.size(); i++) {
                put(row.get(i), places.get(i), band);
            }
            if (filled) {
                filling = List.of();
            }
            if (next < counted.size() || !filling.isEmpty()) {
                close();
            }
        }
    }

    /** Place by place through all sheets. */
    private void stacked(Band band, List<Design> designs) {
        List<List<RowPlace>> places = new ArrayList<>();
        int room = 0;
        for (int s = 0; room < designs.size() && s < MOST_SHEETS; s++) {
            Stock stock = Layout.stock(plan.stocks(), s);
            if (stock == null) {
                break;
            }
            List<RowPlace> here = places(stock, band, true);
            if (here.isEmpty()) {
                throw tooLarge(band, stock);
            }
            places.add(here);
            room += here.size();
        }
        left += Math.max(0, designs.size() - room);
        Map<Integer, List<Integer>> bySheet = new HashMap<>();
        int next = 0;
        int deepest = places.stream().mapToInt(List::size).max().orElse(0);
        for (int p = 0; p < deepest; p++) {
            for (int s = 0; s < places.size() && next < designs.size(); s++) {
                if (p < places.get(s).size()) {
                    bySheet.computeIfAbsent(s, k -> new ArrayList<>()).add(next++);
                }
            }
        }
        for (int s = 0; s < places.size(); s++) {
            List<Integer> own = bySheet.getOrDefault(s, List.of());
            for (int i = 0; i < own.size(); i++) {
                index = own.get(i);
                put(designs.get(own.get(i)), places.get(s).get(i), band);
            }
            close();
        }
    }

    private Refusal tooLarge(Band band, Stock stock) {
        Design design = band.designs.getFirst().design();
        return Refusal.of(
                "plan.tooLarge",
                DesignContents.name(contents.job(), design),
                mm(band.width),
                mm(band.height),
                stock.name());
    }

    private static double mm(double length) {
        return Math.rint(length * 100) / 100;
    }

    private List<RowPlace> places(Stock stock, Band band, boolean only) {
        Box area = PlanArea.of(stock, plan.marks(), bothSides);
        RowSettings s = way.settings();
        Box rest = taken == 0
                ? area
                : new Box(area.x(), area.y() + taken + s.gutterY(), area.width(), area.height() - taken - s.gutterY());
        if (rest.height() <= 0) {
            return List.of();
        }
        RowSettings own = only ? s : new RowSettings(s.gutterX(), s.gutterY(), s.turns(), s.alternate(), false);
        List<RowPlace> places = StepAndRepeat.placesIn(rest, band.width, band.height, own);
        if (only || !s.centred() || places.isEmpty()) {
            return places;
        }
        double right = places.stream()
                .mapToDouble(p -> p.box(band.width, band.height).right())
                .max()
                .getAsDouble();
        double dx = (rest.right() - right) / 2;
        return places.stream()
                .map(p -> new RowPlace(p.x() + dx, p.y(), p.quarters()))
                .toList();
    }

    private void put(Design design, RowPlace place, Band band) {
        Box box = place.box(band.width, band.height);
        Affine at = Affine.translate(box.centre().x(), box.centre().y()).times(Affine.rotate(90.0 * place.quarters()));
        Box area = PlanArea.of(Layout.stock(plan.stocks(), sheets.size()), plan.marks(), bothSides);
        taken = Math.max(taken, box.bottom() - area.y());
        open.add(new LaidCopy(index++, neighboured(design), at, box));
    }

    /** The design as it is shown where its neighbours are close. */
    private Design neighboured(Design design) {
        RowSettings s = way.settings();
        double room = Math.min(s.gutterX(), s.gutterY()) / 2;
        CopyContent content = contents.of(design);
        boolean touching = Math.min(s.gutterX(), s.gutterY()) == 0;
        boolean bare = way.cutting() == Way.Cutting.BOXES
                || touching && content.once("cut box", g -> NeighbouredContent.hasCutBox(content));
        boolean beyond = ContentBleed.of(content) > room + CUT_OFF;
        return beyond || bare ? new Design.InRows(design, beyond ? room : Design.InRows.NO_LIMIT, bare) : design;
    }

    private void close() {
        Stock stock = Layout.stock(plan.stocks(), sheets.size());
        sheets.add(new LaidSheet(stock, sheets.size(), false, PlanArea.of(stock, plan.marks(), bothSides), open));
        open = new ArrayList<>();
        taken = 0;
    }
}

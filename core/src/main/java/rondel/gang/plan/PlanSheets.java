package rondel.gang.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.gang.copies.DesignContents;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extras;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Plan;
import rondel.job.PlannedPlace;
import rondel.job.PlannedSheet;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Stock;
import rondel.job.Traits;
import rondel.text.Typesetter;
import rondel.words.Words;

/** Writes a plan's sheets into its job. What is there already keeps its id, its name and what a hand has done to it: copies that were moved,
 *  swapped or locked stay as they are, and what else was put on a sheet stays on it. */
final class PlanSheets {

    private final Job job;
    private final Plan plan;
    private final DesignContents contents;
    private final AddedElements added;
    private final Map<Key, CopyElement> copies = new HashMap<>();
    private final Map<Key, Sheet> homes = new HashMap<>();
    private final Map<Key, Sheet> old = new LinkedHashMap<>();
    private Placing placing;
    private long nextSheet;

    /** A copy by its number, or a sheet by its. */
    private record Key(int number, boolean inside) {}

    PlanSheets(Job job, Plan plan, DesignContents contents, Optional<Typesetter> typesetter) {
        this.job = job;
        this.plan = plan;
        this.contents = contents;
        this.added = new AddedElements(job, plan, typesetter);
        this.nextSheet = job.nextNumber();
        for (Sheet s : PlannedSheet.sheetsOf(job, plan.id())) {
            PlannedSheet p = s.planned().orElseThrow();
            old.putIfAbsent(new Key(p.number(), p.inside()), s);
            s.elements().forEach(e -> {
                if (isOurs(e) && e instanceof CopyElement c) {
                    Key key = new Key(c.planned().get().index(), p.inside());
                    copies.putIfAbsent(key, c);
                    homes.putIfAbsent(key, s);
                }
            });
        }
    }

    private boolean isOurs(Element e) {
        return switch (e) {
            case CopyElement c -> c.isOf(plan.id());
            case GroupElement g ->
                g.use() instanceof GroupUse.Added a && a.plan().equals(plan.id());
            default -> false;
        };
    }

    Job written(List<LaidSheet> laid) {
        placing = new Placing(job);
        nextSheet = placing.next();
        List<Sheet> fresh = new ArrayList<>();
        int count = (int) laid.stream().filter(s -> !s.inside()).count();
        Staying stay = staying(laid);
        for (LaidSheet sheet : laid) {
            fresh.add(sheet(sheet, count, stay));
        }
        Set<SheetId> gone = new HashSet<>();
        old.values().forEach(s -> gone.add(s.id()));
        List<Sheet> all = new ArrayList<>();
        boolean put = false;
        for (Sheet s : job.sheets()) {
            if (!gone.contains(s.id())) {
                all.add(s);
            } else if (!put) {
                all.addAll(fresh);
                put = true;
            }
        }
        if (!put) {
            all.addAll(fresh);
        }
        Job done = job.withSheets(all);
        return done.withNextNumber(Math.max(placing.next(), nextSheet));
    }

    /** The copies that stay where a hand has put them, by the sheet that they are on, and which they are. */
    private record Staying(Map<Sheet, List<CopyElement>> bySheet, Set<Key> keys) {}

    private Staying staying(List<LaidSheet> laid) {
        Set<Key> wanted = new HashSet<>();
        laid.forEach(s -> s.copies().forEach(c -> wanted.add(new Key(c.index(), s.inside()))));
        Set<Key> kept = new HashSet<>();
        laid.forEach(s -> kept.add(new Key(s.number(), s.inside())));
        Staying stay = new Staying(new HashMap<>(), new HashSet<>());
        copies.forEach((key, copy) -> {
            Sheet home = homes.get(key);
            PlannedSheet at = home.planned().orElseThrow();
            if (copy.keptByHand() && wanted.contains(key) && kept.contains(new Key(at.number(), at.inside()))) {
                stay.bySheet.computeIfAbsent(home, s -> new ArrayList<>()).add(copy);
                stay.keys.add(key);
            }
        });
        return stay;
    }

    private Sheet sheet(LaidSheet laid, int count, Staying stay) {
        Sheet before = old.get(new Key(laid.number(), laid.inside()));
        Set<Integer> without = new HashSet<>(plan.without());
        List<CopyElement> put = new ArrayList<>();
        for (LaidCopy c : laid.copies()) {
            Key key = new Key(c.index(), laid.inside());
            if (!without.contains(c.index()) && !stay.keys.contains(key)) {
                put.add(copy(c, copies.get(key)));
            }
        }
        if (before != null) {
            put.addAll(stay.bySheet.getOrDefault(before, List.of()));
        }
        put.sort(java.util.Comparator.comparingInt(c -> c.planned().get().index()));
        List<Element> elements = new ArrayList<>(put);
        List<Element> beside = added.of(laid, put, count);
        if (!beside.isEmpty()) {
            elements.add(group(before, beside));
        }
        if (before != null) {
            before.elements().stream().filter(e -> !isOurs(e)).forEach(elements::add);
        }
        Stock stock = laid.stock();
        double length = stock.roll() ? used(laid, stock) : stock.height();
        PlannedSheet planned = new PlannedSheet(plan.id(), laid.number(), laid.inside(), stock.usable());
        if (before != null) {
            return before.withElements(elements)
                    .withSize(stock.width(), length)
                    .withPaper(Optional.of(stock.colour()))
                    .withPlanned(Optional.of(planned));
        }
        return new Sheet(
                freshSheetId(),
                name(laid),
                stock.width(),
                length,
                Optional.of(stock.colour()),
                0,
                0,
                List.of(),
                elements,
                Optional.of(planned),
                Extras.NONE);
    }

    /** Of a roll, no more is taken than is needed. */
    private static double used(LaidSheet laid, Stock stock) {
        double lowest =
                laid.copies().stream().mapToDouble(c -> c.box().bottom()).max().orElse(stock.height());
        double below = stock.height() - laid.area().bottom();
        return Math.min(stock.height(), lowest + below);
    }

    private String name(LaidSheet laid) {
        return Words.of(
                laid.inside() ? "plan.sheetInside" : "plan.sheet", plan.name(), String.valueOf(laid.number() + 1));
    }

    private SheetId freshSheetId() {
        while (true) {
            SheetId id = new SheetId("sheet-" + nextSheet++);
            if (job.sheets().stream().noneMatch(s -> s.id().equals(id))) {
                return id;
            }
        }
    }

    private CopyElement copy(LaidCopy laid, CopyElement before) {
        PlannedPlace planned = new PlannedPlace(plan.id(), laid.index(), laid.place(), laid.design());
        Traits traits = before == null ? Traits.named("").withId(placing.freshId()) : before.traits();
        String name = DesignContents.name(job, laid.design());
        return new CopyElement(
                traits.withPlacement(laid.place()).withName(name),
                laid.design(),
                contents.of(laid.design()),
                Optional.of(planned));
    }

    private Element group(Sheet before, List<Element> beside) {
        Optional<GroupElement> known = before == null
                ? Optional.empty()
                : before.elements().stream()
                        .filter(e -> isOurs(e) && e instanceof GroupElement)
                        .map(e -> (GroupElement) e)
                        .findFirst();
        List<Element> children = new ArrayList<>();
        for (int i = 0; i < beside.size(); i++) {
            ElementId id = known.isPresent() && i < known.get().children().size()
                    ? known.get().children().get(i).id()
                    : placing.freshId();
            children.add(beside.get(i).with(t -> t.withId(id)));
        }
        return new GroupElement(
                Traits.named(Words.of("plan.added"))
                        .withId(known.map(Element::id).orElseGet(placing::freshId))
                        .withLocked(true),
                children,
                Optional.empty(),
                Optional.empty(),
                new GroupUse.Added(plan.id()));
    }
}

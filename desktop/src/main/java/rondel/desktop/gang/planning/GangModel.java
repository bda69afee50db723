package rondel.desktop.gang.planning;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Derived;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Change;
import rondel.gang.copies.DesignContents;
import rondel.gang.names.NameDesigns;
import rondel.gang.plan.ChangePlan;
import rondel.gang.plan.Freshness;
import rondel.gang.plan.LayOut;
import rondel.gang.plan.NestPlan;
import rondel.gang.plan.PlanFigures;
import rondel.gang.plan.PutBack;
import rondel.gang.plan.RemovePlan;
import rondel.gang.stock.ShippedStocks;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NameList;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.PlannedSheet;
import rondel.job.RowSettings;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.StockCount;
import rondel.job.Way;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The plan that the Gang stage is about: that of the sheet in the middle, else the one that was open last; what it comes to; and the edits
 *  of it. */
public final class GangModel {

    private final Desk desk;
    private final Bench bench;
    private final List<Runnable> listeners = new ArrayList<>();
    private final Derived<Told> figures;
    private Optional<PlanId> open = Optional.empty();
    private Optional<Told> told = Optional.empty();

    /** What is told of a plan.
     *
     * @param freshness how the places that were found stand to what the designs look like now */
    public record Told(Plan plan, PlanFigures figures, Freshness freshness) {}

    public GangModel(Desk desk) {
        this.desk = desk;
        this.bench = desk.bench();
        this.figures = new Derived<>(desk.workers(), t -> {
            told = Optional.of(t);
            tell();
        });
        bench.on(EnumSet.of(Change.JOB, Change.SHEET, Change.SELECTION), this::follow);
        follow();
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    private void tell() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    private void follow() {
        bench.sheet().planned().ifPresent(p -> open = Optional.of(p.plan()));
        Job job = bench.job();
        Optional<Plan> plan = plan();
        if (plan.isPresent()) {
            Plan of = plan.get();
            figures.of(List.of(job, of), () -> {
                DesignContents contents = new DesignContents(job);
                return new Told(of, PlanFigures.of(job, of), NestPlan.freshness(of, contents));
            });
        } else {
            told = Optional.empty();
            figures.forget();
        }
        tell();
    }

    /** The plan that is open, where the job has any. */
    public Optional<Plan> plan() {
        Job job = bench.job();
        return open.flatMap(job::plan)
                .or(() -> job.plans().isEmpty()
                        ? Optional.empty()
                        : Optional.of(job.plans().getLast()));
    }

    /** What the open plan comes to, once that is known. */
    public Optional<Told> told() {
        return told.filter(t -> plan().filter(p -> p.id().equals(t.plan().id())).isPresent());
    }

    /** Opens a plan, and shows its first sheet. */
    public void open(PlanId plan) {
        open = Optional.of(plan);
        sheets(plan).stream().findFirst().ifPresent(s -> bench.show(s.id()));
        follow();
    }

    /** The sheets of a plan, in their order. */
    public List<Sheet> sheets(PlanId plan) {
        return PlannedSheet.sheetsOf(bench.job(), plan);
    }

    /** What would be laid out now: what is held, else the sheet in the middle; nothing on a sheet of stock with nothing held. */
    public List<DesignCount> designs() {
        List<DesignCount> held = bench.selectedIds().stream()
                .filter(id -> !(bench.job().located(id).element() instanceof CopyElement))
                .map(id -> DesignCount.asManyAsFit(design(id)))
                .toList();
        boolean stock = bench.sheet().planned().isPresent();
        return !held.isEmpty() || stock
                ? held
                : List.of(DesignCount.asManyAsFit(new Design.Page(bench.sheet().id())));
    }

    /** A cut line by itself means the piece that falls off with it. */
    private Design design(ElementId id) {
        Element e = bench.job().located(id).element();
        return e instanceof ShapeElement && e.role().isCut() ? new Design.Piece(id) : new Design.Whole(id);
    }

    /** Lays out designs as the last plan was, or as is usual, and shows the first sheet. */
    public void layOut(List<DesignCount> designs) {
        if (designs.isEmpty()) {
            desk.notices().refuse(Words.of("gang.nothingHeld"));
            return;
        }
        Optional<Plan> like = plan();
        List<StockCount> stocks =
                like.map(Plan::stocks).orElseGet(() -> List.of(StockCount.of(ShippedStocks.ALL.getFirst())));
        Way way = like.map(Plan::way).filter(w -> w instanceof Way.Rows).orElseGet(this::usualRows);
        MarkSettings marks = like.map(Plan::marks).orElse(MarkSettings.NONE);
        LayOut lay = new LayOut("", designs, stocks, way, marks);
        PlanId made = lay.plan(bench.job()).id();
        desk.perform(lay, () -> bench.whenSettled(() -> open(made)));
    }

    /** Rows with a gutter that is a plain figure in the job's unit. */
    private Way usualRows() {
        double gutter = bench.job().unit() == LengthUnit.IN ? 25.4 / 8 : 3;
        return new Way.Rows(
                new RowSettings(gutter, gutter, RowSettings.Turns.QUARTER, RowSettings.Alternate.NONE, true),
                Way.Order.ACROSS,
                Way.Cutting.OWN);
    }

    /** Changes the open plan; what does not change it does nothing. */
    public void change(UnaryOperator<Plan> change) {
        plan().ifPresent(before -> {
            Plan after = change.apply(before);
            if (!after.equals(before)) {
                desk.perform(new ChangePlan(after));
            }
        });
    }

    /** Adds designs to the open plan. */
    public void add(List<DesignCount> more) {
        if (plan().isEmpty()) {
            layOut(more);
            return;
        }
        change(p -> {
            List<DesignCount> all = new ArrayList<>(p.designs());
            more.stream()
                    .filter(m -> all.stream().noneMatch(d -> d.design().equals(m.design())))
                    .forEach(all::add);
            return p.withDesigns(all).without(java.util.Set.of());
        });
    }

    /** Lays out a list again after its rows have changed: one copy of each that is made now, folded as before. */
    public void relist(NameList list) {
        plan().ifPresent(p -> {
            Optional<Design> first =
                    p.designs().stream().map(DesignCount::design).findFirst();
            List<DesignCount> rows = NameDesigns.of(
                    list, row -> first.map(f -> inPlaceOf(f, row)).orElse(row));
            boolean lists = p.designs().stream()
                    .flatMap(d -> d.design().everything())
                    .anyMatch(d -> d instanceof Design.Row r && r.list().equals(list.id()));
            if (lists) {
                change(x -> x.withDesigns(rows));
            }
        });
    }

    /** A design with one row of a list in the place of another. */
    private static Design inPlaceOf(Design design, Design row) {
        return switch (design) {
            case Design.Row r -> row;
            case Design.Flat f ->
                new Design.Flat(
                        f.folding(),
                        f.faces().stream()
                                .map(x -> new Design.FaceDesign(x.face(), inPlaceOf(x.design(), row)))
                                .toList(),
                        f.side());
            default -> design;
        };
    }

    /** Changes how many of a design are wanted.
     *
     * @param count nothing for as many as fit */
    public void count(Design design, OptionalInt count) {
        change(p -> p.withDesigns(p.designs().stream()
                .map(d -> d.design().equals(design) ? new DesignCount(design, count) : d)
                .toList()));
    }

    /** Takes a design off the plan; the last one stays. */
    public void drop(Design design) {
        if (plan().filter(p -> p.designs().size() > 1).isEmpty()) {
            desk.notices().refuse(Words.of("gang.lastDesign"));
            return;
        }
        change(p -> p.withDesigns(
                p.designs().stream().filter(d -> !d.design().equals(design)).toList()));
    }

    public void remove() {
        plan().ifPresent(p -> desk.perform(new RemovePlan(p.id())));
    }

    /** Gives all copies that a hand has moved, and those that it has taken out, back to the plan. */
    public void putAllBack() {
        plan().ifPresent(p -> {
            List<ElementId> copies = sheets(p.id()).stream()
                    .flatMap(s -> s.elements().stream())
                    .filter(e -> e instanceof CopyElement c && c.planned().isPresent())
                    .map(Element::id)
                    .toList();
            if (copies.isEmpty()) {
                change(x -> x.without(java.util.Set.of()));
            } else {
                desk.perform(new PutBack(copies));
            }
        });
    }

    public String name(Design design) {
        return DesignContents.name(bench.job(), design);
    }

    public Desk desk() {
        return desk;
    }
}

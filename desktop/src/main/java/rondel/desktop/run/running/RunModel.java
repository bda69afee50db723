package rondel.desktop.run.running;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.desktop.desk.Derived;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Change;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.PassKey;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.passes.ChangePass;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.registration.PrintedMarks;
import rondel.run.route.Machine;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;

/** The passes of the sheet that is open, which of them is looked at, its route, and where its blade is just now. */
public final class RunModel {

    private final Desk desk;
    private final Bench bench;
    private final List<Runnable> listeners = new ArrayList<>();
    private final List<Runnable> watchers = new ArrayList<>();
    private final Derived<Told> passes;
    private final Derived<Planned> routes;
    private final Derived<Map<PassKey, Double>> spans;
    private final Derived<SewnPass> sewing;
    private final Map<SheetId, Registered> registered = new HashMap<>();
    private final Set<ElementId> held = new LinkedHashSet<>();
    private Optional<Told> told = Optional.empty();
    private Optional<Planned> planned = Optional.empty();
    private Optional<SewnPass> sewn = Optional.empty();
    private Map<PassKey, Double> seconds = Map.of();
    private Optional<PassKey> chosen = Optional.empty();
    private double at;
    private boolean open;

    /** The passes of a sheet as it was. */
    public record Told(Job job, Sheet sheet, List<Pass> passes) {}

    /** A pass with its route.
     *
     * @param onPaper where the design lies on what is loaded
     * @param ends when each stroke ends, in s */
    public record Planned(Pass pass, Route route, UnaryOperator<Point> onPaper, double[] ends) {
        /** Where a place of the design is to be cut. */
        public Point placed(Point p) {
            return pass.load().placing(route.width(), onPaper).apply(p);
        }

        public double seconds() {
            return ends.length == 0 ? 0 : ends[ends.length - 1];
        }
    }

    /** Where the design was found on what is loaded.
     *
     * @param residual how far the marks are from where they should be, in mm */
    public record Registered(UnaryOperator<Point> onPaper, double residual) {}

    public RunModel(Desk desk) {
        this.desk = desk;
        this.bench = desk.bench();
        this.passes = new Derived<>(desk.workers(), t -> {
            told = Optional.of(t);
            seconds = Map.of();
            plan();
            tell();
        });
        this.spans = new Derived<>(desk.workers(), s -> {
            seconds = s;
            tell();
        });
        this.routes = new Derived<>(desk.workers(), p -> {
            planned = Optional.of(p);
            at = p.seconds();
            tell();
            time();
        });
        this.sewing = new Derived<>(desk.workers(), p -> {
            sewn = Optional.of(p);
            at = p.seconds();
            tell();
            time();
        });
        bench.on(EnumSet.of(Change.JOB, Change.SHEET), this::follow);
    }

    /** The stage is open: only then anything is worked out. */
    public void open(boolean now) {
        open = now;
        follow();
    }

    /** Has a listener hear of anything that changes. */
    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Has a listener hear where the blade is. */
    public void onMoved(Runnable listener) {
        watchers.add(listener);
    }

    void tell() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    private void follow() {
        if (!open) {
            return;
        }
        Job job = bench.job();
        Sheet sheet = bench.sheet();
        if (told.filter(t -> t.sheet().id().equals(sheet.id())).isEmpty()) {
            told = Optional.empty();
            planned = Optional.empty();
            sewn = Optional.empty();
            held.clear();
        }
        passes.of(List.of(job, sheet), () -> new Told(job, sheet, Passes.of(job, sheet.id())));
        tell();
    }

    private void plan() {
        Optional<Pass> pass = pass();
        planned = planned.filter(p -> pass.filter(p.pass()::equals).isPresent());
        // What was sewn before an edit is shown until what is sewn after it is known.
        sewn = sewn.filter(p -> pass.filter(q -> q.key().equals(p.pass().key())).isPresent());
        if (pass.filter(Pass::isStitch).isPresent()) {
            Told t = told.orElseThrow();
            sewing.of(List.of(pass.get(), t.sheet()), () -> SewnPass.of(t.job(), t.sheet(), pass.get()));
        } else {
            sewing.forget();
        }
        if (pass.isPresent() && pass.get().tool().isPresent()) {
            Pass of = pass.get();
            Sheet sheet = told.orElseThrow().sheet();
            Optional<Registered> found = Optional.ofNullable(registered.get(sheet.id()));
            UnaryOperator<Point> onPaper = found.map(Registered::onPaper).orElse(p -> p);
            routes.of(List.of(of, sheet, found), () -> {
                Route route = RoutePlan.of(of, sheet, Machine.USUAL, onPaper);
                return new Planned(of, route, onPaper, route.ends());
            });
        } else {
            planned = Optional.empty();
            routes.forget();
            if (sewn.isPresent() || pass.filter(Pass::isStitch).isEmpty()) {
                time();
            }
        }
    }

    /** Works out how long each pass takes, once that of the one that is looked at is known. */
    private void time() {
        told.ifPresent(t -> spans.of(List.of(t), () -> {
            Map<PassKey, Double> all = new HashMap<>();
            for (Pass p : t.passes()) {
                if (p.tool().isPresent()) {
                    all.put(p.key(), RoutePlan.of(p, t.sheet()).seconds());
                } else if (p.isStitch()) {
                    all.put(p.key(), SewnPass.of(t.job(), t.sheet(), p).seconds());
                }
            }
            return all;
        }));
    }

    /** How long a pass takes, in s, once that is known. */
    public Optional<Double> seconds(Pass pass) {
        return Optional.ofNullable(seconds.get(pass.key()));
    }

    /** The passes in their order; none until they are known. */
    public List<Pass> passes() {
        return told.map(Told::passes).orElse(List.of());
    }

    /** Whether it is known which passes there are. */
    public boolean isKnown() {
        return told.isPresent();
    }

    /** The sheet whose passes are shown. */
    public Sheet sheet() {
        // Another job may be on the bench by now, whose passes are not known yet.
        return told.map(Told::sheet)
                .filter(s -> bench.job().sheets().stream().anyMatch(o -> o.id().equals(s.id())))
                .orElseGet(bench::sheet);
    }

    /** The pass that is looked at: the one that was chosen, else the first that is to be done. */
    public Optional<Pass> pass() {
        return chosen.flatMap(
                        k -> passes().stream().filter(p -> p.key().equals(k)).findFirst())
                .or(() -> passes().stream()
                        .filter(p -> p.state() == Pass.State.OPEN || p.state() == Pass.State.CHANGED)
                        .findFirst())
                .or(() -> passes().stream().findFirst());
    }

    public void choose(PassKey key) {
        chosen = Optional.of(key);
        plan();
        tell();
    }

    /** The pass that is looked at with its route, once that is known; nothing for what is printed. */
    public Optional<Planned> planned() {
        return planned;
    }

    /** The stitches of the pass that is looked at, once they are known; nothing for what is not stitched. */
    public Optional<SewnPass> sewn() {
        return sewn;
    }

    /** How long the pass that is looked at takes, in s; 0 until that is known. */
    public double span() {
        return planned.map(Planned::seconds)
                .or(() -> sewn.map(SewnPass::seconds))
                .orElse(0.0);
    }

    /** How long the pass takes up to where the blade is shown, in s. */
    public double at() {
        return at;
    }

    /** Shows the blade where it is after so many seconds. */
    public void show(double seconds) {
        at = seconds;
        List.copyOf(watchers).forEach(Runnable::run);
    }

    /** Elements of the sheet whose lines are held. */
    public Set<ElementId> held() {
        return Set.copyOf(held);
    }

    /** @param adding whether what was held stays held, or is let go where it is taken again */
    public void hold(Optional<ElementId> element, boolean adding) {
        if (!adding) {
            held.clear();
        }
        element.ifPresent(e -> {
            if (!held.add(e)) {
                held.remove(e);
            }
        });
        tell();
    }

    /** Has the cut follow marks that were found on what is loaded. */
    public void register(SheetId sheet, Registered found) {
        registered.put(sheet, found);
        plan();
        tell();
    }

    public void forgetRegistration() {
        registered.remove(sheet().id());
        plan();
        tell();
    }

    public Optional<Registered> registration() {
        return Optional.ofNullable(registered.get(sheet().id()));
    }

    /** Whether the sheet has marks by which a print can be found. */
    public boolean hasMarks() {
        return PrintedMarks.areOn(sheet());
    }

    /** Marks a pass as done, if its lines are still those that were made. */
    void done(SheetId sheet, PassKey key, String fingerprint) {
        told.filter(t -> t.sheet().id().equals(sheet))
                .flatMap(t -> t.passes().stream()
                        .filter(p -> p.key().equals(key) && p.fingerprint().equals(fingerprint))
                        .findFirst())
                .filter(p -> p.state() != Pass.State.DONE)
                .ifPresent(p -> desk.perform(new ChangePass(sheet, p.settings().withDone(Optional.of(fingerprint)))));
    }

    public Desk desk() {
        return desk;
    }
}

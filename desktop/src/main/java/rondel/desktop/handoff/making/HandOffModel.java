package rondel.desktop.handoff.making;

import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import rondel.desktop.desk.Derived;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Change;
import rondel.formats.handoff.FileLook;
import rondel.formats.handoff.HandOffRun;
import rondel.formats.handoff.PlannedFile;
import rondel.handoff.ledger.Ledger;
import rondel.handoff.ledger.LedgerEntry;
import rondel.handoff.sets.ShippedSets;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.progress.Cancellation;
import rondel.text.FontBook;
import rondel.words.Refusal;

/** Which hand-off set is looked at, what its files will be and look like, and what the job contains from whom: worked out in the background, and only
 *  while the stage is open. */
public final class HandOffModel {

    /** How large the picture of a file is at most, in px of the screen. */
    public static final int SIDE = 260;

    private final Desk desk;
    private final Bench bench;
    private final Supplier<FontBook> fonts;
    private final Supplier<List<Finding>> findings;
    private final List<Runnable> listeners = new ArrayList<>();
    private final Derived<Planned> plans;
    private final Derived<Job> looking;
    private final Map<String, FileLook> looks = new HashMap<>();
    private Optional<Planned> planned = Optional.empty();
    private String chosen = ShippedSets.ALL.getFirst().name();
    private Optional<String> file = Optional.empty();
    private boolean open;

    /** A set of a job as it was, with its files.
     *
     * @param held what may not be sold, or is not known, of a set that is for sale
     * @param ledger everything that the job contains from somebody
     * @param refused why it can't be made; empty where it can */
    public record Planned(
            Job job,
            HandOffSet set,
            List<PlannedFile> files,
            List<LedgerEntry> held,
            List<LedgerEntry> ledger,
            String refused) {}

    /** @param findings what the checks say just now; {@link #tell} when that is something else */
    public HandOffModel(Desk desk, Supplier<FontBook> fonts, Supplier<List<Finding>> findings) {
        this.desk = desk;
        this.bench = desk.bench();
        this.fonts = fonts;
        this.findings = findings;
        this.plans = new Derived<>(desk.workers(), p -> {
            planned = Optional.of(p);
            looks.clear();
            look(p);
            tell();
        });
        this.looking = new Derived<>(desk.workers(), done -> tell());
        bench.on(EnumSet.of(Change.JOB), this::follow);
    }

    /** The stage is open: only then anything is worked out. */
    public void open(boolean now) {
        open = now;
        follow();
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Has all listeners hear, while the stage is open. */
    public void tell() {
        if (open) {
            List.copyOf(listeners).forEach(Runnable::run);
        }
    }

    private void follow() {
        if (!open) {
            return;
        }
        Job job = bench.job();
        HandOffSet set = set();
        if (planned.filter(p -> p.set().equals(set)).isEmpty()) {
            planned = Optional.empty();
            file = Optional.empty();
        }
        plans.of(List.of(job, set), () -> plan(job, set));
        tell();
    }

    private Planned plan(Job job, HandOffSet set) {
        HandOffRun run = run(job, set);
        List<LedgerEntry> ledger = Ledger.of(job, fonts.get());
        try {
            return new Planned(job, set, run.plan(), run.held(), ledger, "");
        } catch (Refusal why) {
            return new Planned(job, set, List.of(), List.of(), ledger, why.getMessage());
        }
    }

    /** What makes a set of a job. */
    HandOffRun run(Job job, HandOffSet set) {
        return new HandOffRun(job, set, desk.pictures(), fonts.get(), ZonedDateTime.now());
    }

    /** Works out how the files look, one after another, each shown as soon as it is known. */
    private void look(Planned of) {
        looking.of(List.of(of), () -> {
            for (PlannedFile f : of.files()) {
                Cancellation.check();
                FileLook look = FileLook.of(f, SIDE, desk.pictures());
                Platform.runLater(() -> {
                    if (planned.filter(p -> p == of).isPresent()) {
                        looks.put(f.name(), look);
                        tell();
                    }
                });
            }
            return of.job();
        });
    }

    /** The job's own sets, then those that ship, unless the job has one of that name. */
    public List<HandOffSet> sets() {
        List<HandOffSet> own = bench.job().handOff();
        return Stream.concat(own.stream(), ShippedSets.ALL.stream().filter(s -> own.stream()
                        .noneMatch(o -> o.name().equals(s.name()))))
                .toList();
    }

    public boolean isOwn(HandOffSet set) {
        return bench.job().handOff().contains(set);
    }

    /** The set that is looked at. */
    public HandOffSet set() {
        return sets().stream().filter(s -> s.name().equals(chosen)).findFirst().orElseGet(() -> sets().getFirst());
    }

    public void choose(String name) {
        chosen = name;
        follow();
    }

    /** What of the set is known by now. */
    public Optional<Planned> planned() {
        return planned;
    }

    public Optional<FileLook> look(PlannedFile of) {
        return Optional.ofNullable(looks.get(of.name()));
    }

    /** The file that is looked at: the one that was chosen, else the first. */
    public Optional<PlannedFile> file() {
        return planned.flatMap(p -> p.files().stream()
                .filter(f -> file.filter(f.name()::equals).isPresent())
                .findFirst()
                .or(() -> p.files().stream().findFirst()));
    }

    public void look(String name) {
        file = Optional.of(name);
        tell();
    }

    /** What the checks say of what a file shows. */
    public List<Finding> findings(PlannedFile of) {
        Job job = planned.map(Planned::job).orElseGet(bench::job);
        return findings.get().stream()
                .filter(f -> f.element()
                        .flatMap(job::find)
                        .filter(l -> of.sheets().contains(l.sheet().id()))
                        .isPresent())
                .toList();
    }

    /** What a file contains from somebody. */
    public List<LedgerEntry> contents(PlannedFile of) {
        List<String> sheets = planned.stream()
                .flatMap(p -> of.sheets().stream().map(s -> p.job().sheet(s).name()))
                .toList();
        return planned.map(Planned::ledger).orElse(List.of()).stream()
                .filter(e -> e.sheets().stream().anyMatch(sheets::contains))
                .toList();
    }

    /** About how many bytes all files have; nothing until that is known of each. */
    public Optional<Long> bytes() {
        return planned.filter(p -> looks.size() == p.files().size())
                .map(p -> looks.values().stream().mapToLong(FileLook::bytes).sum());
    }

    public Desk desk() {
        return desk;
    }
}

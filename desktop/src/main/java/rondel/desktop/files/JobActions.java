package rondel.desktop.files;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import rondel.compose.pick.Picker;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.export.ExportSummary;
import rondel.desktop.model.Bench;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.artwork.ArtworkKind;
import rondel.formats.files.FileName;
import rondel.formats.job.JobFile;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.versions.Version;
import rondel.formats.versions.VersionStore;
import rondel.geometry.Point;
import rondel.history.History;
import rondel.history.PastState;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.words.Words;

/** What the window does with files, all of it off the toolkit's thread. */
public final class JobActions {

    /** So many edits can be looked through, back and forward. */
    private static final int MOST_STATES = 200;

    private final Desk desk;
    private final FileChoices choices;
    private final Questions questions;
    private final ArtworkActions artwork;
    private final Progress progress;

    private final JobHolding holding;

    private JobWindows windows = JobWindows.NONE;

    public JobActions(Desk desk, FileChoices choices, Questions questions, ArtworkReader artwork, Progress progress) {
        this.desk = desk;
        this.choices = choices;
        this.questions = questions;
        this.artwork = new ArtworkActions(desk, choices, questions, artwork, progress);
        this.progress = progress;
        this.holding = new JobHolding(desk);
    }

    /** What is done with artwork. */
    public ArtworkActions artwork() {
        return artwork;
    }

    /** Where slow work shows. */
    public Progress progress() {
        return progress;
    }

    /** Says among which other windows this one is. */
    public void among(JobWindows others) {
        windows = others;
    }

    public void newJob() {
        questions.newJob().ifPresent(this::begin);
    }

    /** Begins a new job that is given, in the unit that the person prefers, in this window where nothing is in it yet, else in another. */
    public void begin(Job job) {
        Job begun = desk.preferred().now().preferredUnit().map(job::withUnit).orElse(job);
        elsewhere(a -> a.openWithoutFile(begun));
    }

    public void open() {
        choices.jobToOpen().ifPresent(this::open);
    }

    /** Opens a file, in this window where nothing is in it yet, else in another; where it is open already, that window comes
     *  forward. */
    public void open(Path file) {
        if (!windows.bringForward(file)) {
            elsewhere(a -> a.read(file));
        }
    }

    /** Does something that gives a window another job: here, where nothing was done here yet; else in another window; and where
     *  this is the only one, here, once its job is settled. */
    private void elsewhere(Consumer<JobActions> give) {
        Bench bench = desk.bench();
        boolean untouched = bench.file().isEmpty() && !bench.unsaved() && !bench.canUndo();
        if (untouched && progress.isIdle()) { // a job that is being read will be here in a moment
            give.accept(this);
        } else if (!windows.another(give)) {
            whenUnsavedIsSettled(() -> give.accept(this));
        }
    }

    /** Closes the window, once its job is settled. */
    public void closeWindow() {
        whenUnsavedIsSettled(windows::close);
    }

    /** Closes all windows, each once its job is settled. */
    public void quit() {
        windows.quit();
    }

    /** Does something with files that nobody waits for. */
    public void inBackground(Callable<?> work) {
        desk.workers().file(work::call, done -> {}, desk.notices()::failed, () -> {});
    }

    private void read(Path file) {
        Optional<HeldFile> same = holding.file().filter(h -> h.file().equals(file));
        Callable<JobReading> reading = () -> {
            same.ifPresent(HeldFile::letGo);
            return JobReading.of(file);
        };
        progress.runFile(Words.of("progress.opening", file.getFileName()), reading, read -> {
            switch (read) {
                case JobReading.Whole whole -> useOrAsk(whole.opened());
                case JobReading.Damaged damaged -> offer(damaged);
            }
        });
    }

    private void useOrAsk(HeldFile.Opened opened) {
        Path file = opened.held().file();
        switch (opened.held().heldBy().map(questions::heldByOthers).orElse(Questions.HeldByOthers.READ)) {
            case READ -> use(opened);
            case TAKE_OVER ->
                progress.runFile(
                        Words.of("progress.opening", file.getFileName()), () -> HeldFile.takenOver(file), this::use);
            case LEAVE -> {}
        }
    }

    /** What was got out of a damaged file is a job without a file of its own: the damaged one is not written over. */
    private void offer(JobReading.Damaged damaged) {
        if (questions.openRepaired(damaged.why(), damaged.repaired().told())) {
            openWithoutFile(damaged.repaired().job());
        }
    }

    private void use(HeldFile.Opened opened) {
        Path file = opened.held().file();
        holding.hold(Optional.of(opened.held()));
        desk.bench().open(opened.job(), Optional.of(file));
        windows.used(file, opened.job().title());
        windows.opened(file);
    }

    /** The file of the job on the bench. */
    public JobHolding holding() {
        return holding;
    }

    private void openWithoutFile(Job job) {
        holding.hold(Optional.empty());
        desk.bench().open(job, Optional.empty());
    }

    /** Holds the file that work brought back after a crash belongs to. */
    public void holdAgain(Path file) {
        progress.runFile(
                Words.of("progress.opening", file.getFileName()),
                () -> HeldFile.held(file),
                h -> holding.hold(Optional.of(h)));
    }

    /** Lets the file go: the window closes. */
    public void close() {
        holding.close();
    }

    /** Puts another demo job on the bench, once what is there is settled. */
    public void openDemo(DemoJobs.DemoJob demo) {
        elsewhere(a -> a.progress.run(Words.of("progress.openingDemo"), demo::read, a::openWithoutFile));
    }

    /** Puts the demo job on the bench; it has no file until it is saved. */
    public void openDemo() {
        progress.run(Words.of("progress.openingDemo"), DemoJobs::page, this::openWithoutFile);
    }

    public void addSheet() {
        Bench bench = desk.bench();
        questions
                .newSheet(
                        SheetForm.after(bench.job(), bench.sheet()), bench.job().unit())
                .map(form -> form.addition(bench.job()))
                .ifPresent(added -> desk.perform(
                        added, () -> bench.show(bench.job().sheets().getLast().id())));
    }

    public void changeSheet() {
        Bench bench = desk.bench();
        questions
                .sheet(SheetForm.of(bench.sheet()), bench.job().unit())
                .flatMap(form -> form.change(bench.sheet()))
                .ifPresent(desk::perform);
    }

    public void save() {
        desk.bench().file().ifPresentOrElse(f -> save(f, () -> {}), this::saveAs);
    }

    /** Saves the job where it has a file, as a person does who does not think of it: no version is kept of that, as twenty of them would be an hour. */
    public void autosave() {
        desk.bench().file().ifPresent(f -> desk.bench()
                .whenSettled(() -> write(
                        desk.bench().job(),
                        f,
                        (job, before) -> KeptSave.withoutVersion(job, f, before, desk.pictures()),
                        () -> {})));
    }

    public void saveAs() {
        saveAs(() -> {});
    }

    private void saveAs(Runnable then) {
        choices.jobToSave(fileName("rondel")).flatMap(f -> named(f, "rondel")).ifPresent(f -> save(f, then));
    }

    /** The file that was chosen, with its ending. The system's dialog has asked about what is there by the name that was typed;
     *  where the ending makes it another, it is asked about here. */
    private Optional<Path> named(Path file, String ending) {
        if (!FileName.extension(file.toString()).isEmpty()) {
            return Optional.of(file);
        }
        Path whole = file.resolveSibling(file.getFileName() + "." + ending);
        return Files.exists(whole) && !questions.replace(whole) ? Optional.empty() : Optional.of(whole);
    }

    private String fileName(String extension) {
        return FileNames.safe(desk.bench().job().title()) + "." + extension;
    }

    /** Saves the job with all that was asked for before, and what follows from that; it waits behind nothing else. */
    private void save(Path file, Runnable then) {
        boolean beside = desk.preferred().now().versionsBeside();
        desk.bench()
                .whenSettled(() -> write(
                        desk.bench().job(),
                        file,
                        (job, before) -> KeptSave.of(job, file, before, desk.pictures(), beside),
                        then));
    }

    private void write(Job job, Path file, BiFunction<Job, Optional<HeldFile>, KeptSave> writing, Runnable then) {
        Optional<HeldFile> before = holding.file();
        progress.runFile(Words.of("progress.saving", file.getFileName()), () -> writing.apply(job, before), kept -> {
            holding.hold(Optional.of(kept.file()));
            desk.bench().savedAs(file, job);
            windows.used(file, job.title());
            desk.notices().say(Words.of("notice.saved", file.getFileName()));
            kept.problem().ifPresent(desk.notices()::refuse);
            then.run();
        });
    }

    /** Shows what was done, and goes back or forward to what is chosen of it. */
    public void history() {
        Bench bench = desk.bench();
        bench.whenSettled(() -> {
            History asked = bench.history();
            List<PastState> states = PastState.of(asked, MOST_STATES);
            questions
                    .state(states, new StatePictures(bench.sheet().id(), desk.pictures(), desk.workers()))
                    .ifPresent(
                            s -> progress.run(Words.of("progress.goingBack"), s::job, job -> travel(asked, s.steps())));
        });
    }

    /** The job that it leads to is in memory by now; what was done meanwhile is not undone for it. */
    private void travel(History asked, int steps) {
        if (desk.bench().history() != asked) {
            desk.notices().refuse(Words.of("notice.changedMeanwhile", Words.of("progress.goingBack")));
            return;
        }
        for (int i = 0; i < Math.abs(steps); i++) {
            if (steps < 0) {
                desk.bench().undo();
            } else {
                desk.bench().redo();
            }
        }
    }

    /** Shows what was saved of the job before, to be compared with it and opened. */
    public void versions() {
        Optional<Path> file = desk.bench().file();
        if (file.isEmpty()) {
            desk.notices().refuse(Words.of("versions.notSaved"));
            return;
        }
        VersionStore store = VersionStore.of(file.get());
        progress.runFile(Words.of("progress.versions"), store::all, all -> {
            if (all.isEmpty()) {
                desk.notices().refuse(Words.of("versions.none", file.get().getFileName()));
            } else {
                VersionPictures pictures =
                        new VersionPictures(desk.bench().job(), desk.bench().sheet(), desk.pictures(), desk.workers());
                questions.version(all, pictures).ifPresent(this::openVersion);
            }
        });
    }

    /** Opens an earlier version as a job that has no file yet. */
    private void openVersion(Version version) {
        elsewhere(a -> a.progress.runFile(
                Words.of("progress.opening", version.file().getFileName()),
                () -> JobFile.read(version.file()),
                a::openWithoutFile));
    }

    /** Keeps versions beside the job, or in the person's own folder again. */
    public void moveVersions() {
        desk.bench()
                .file()
                .ifPresentOrElse(
                        f -> progress.runFile(
                                Words.of("progress.versions"),
                                () -> {
                                    VersionStore store = VersionStore.of(f);
                                    store.keepBeside(!store.isBeside());
                                    return store.isBeside();
                                },
                                beside -> desk.notices()
                                        .say(Words.of(beside ? "versions.nowBeside" : "versions.nowApart"))),
                        () -> desk.notices().refuse(Words.of("versions.notSaved")));
    }

    /** A job opens; what is dropped on a window fills it; anything else is placed where it is dropped.
     *
     * @param asArtwork whether a job is placed too, as what is on its sheet */
    public void drop(List<Path> files, Point at, boolean asArtwork) {
        Optional<Path> job = files.stream()
                .filter(f -> FileName.extension(f.toString()).equals("rondel"))
                .findFirst();
        if (job.isPresent() && !asArtwork) {
            open(job.get());
            return;
        }
        Picker picker = new Picker(desk.bench().level(), desk.bench().levelToSheet());
        Optional<ElementId> slot = picker.at(at, 0.5).stream()
                .filter(id -> desk.bench().job().located(id).element() instanceof GroupElement g
                        && g.slot().isPresent())
                .findFirst();
        boolean pictures = files.stream().allMatch(f -> ArtworkKind.ofName(f.toString())
                .filter(ArtworkKind::isPicture)
                .isPresent());
        if (slot.isPresent() && pictures) {
            artwork.fillSlots(List.of(slot.get()), files);
        } else {
            artwork.place(files, Optional.of(at));
        }
    }

    public void export() {
        boolean several = desk.bench().job().sheets().size() > 1;
        ExportSummary summary =
                new ExportSummary(desk.bench().job(), desk.bench().sheet());
        questions
                .export(!desk.bench().selection().isEmpty(), several, summary::of)
                .ifPresent(choice -> {
                    String ending = choice.format().extension();
                    choices.exportTarget(fileName(ending))
                            .flatMap(f -> named(f, ending))
                            .ifPresent(f -> export(choice, f));
                });
    }

    public void export(ExportChoice choice, Path file) {
        desk.bench().whenSettled(() -> write(choice, file));
    }

    private void write(ExportChoice choice, Path file) {
        Bench bench = desk.bench();
        Export export = new Export(bench.job(), bench.sheet().id(), bench.selectedIds(), choice);
        progress.runFile(
                Words.of("progress.exporting", file.getFileName()),
                () -> export.write(file, desk.pictures()),
                found -> {
                    desk.notices().say(Words.of("notice.exported", file.getFileName()));
                    found.stream().findFirst().map(Finding::sentence).ifPresent(desk.notices()::refuse);
                });
    }

    /** Goes on at once where everything is saved, else asks first. */
    public void whenUnsavedIsSettled(Runnable next) {
        if (!desk.bench().unsaved()) {
            next.run();
            return;
        }
        switch (questions.unsaved(desk.bench().job().title())) {
            case SAVE -> desk.bench().file().ifPresentOrElse(f -> save(f, next), () -> saveAs(next));
            case DISCARD -> next.run();
            case STAY -> {}
        }
    }
}

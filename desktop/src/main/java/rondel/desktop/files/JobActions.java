package rondel.desktop.files;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import rondel.compose.pick.Picker;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.model.Bench;
import rondel.desktop.sheets.SheetForm;
import rondel.formats.artwork.ArtworkKind;
import rondel.formats.files.FileName;
import rondel.formats.job.JobFile;
import rondel.formats.reading.ArtworkReader;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.words.Words;

/** What the window does with files, all of it off the toolkit's thread. */
public final class JobActions {

    private final Desk desk;
    private final FileChoices choices;
    private final Questions questions;
    private final ArtworkActions artwork;
    private final EarlierActions earlier;
    private final ExportActions exports;
    private final Progress progress;
    private final JobHolding holding;

    private JobWindows windows = JobWindows.NONE;

    public JobActions(Desk desk, FileChoices choices, Questions questions, ArtworkReader artwork, Progress progress) {
        this.desk = desk;
        this.choices = choices;
        this.questions = questions;
        this.artwork = new ArtworkActions(desk, choices, questions, artwork, progress);
        this.earlier = new EarlierActions(
                desk,
                questions,
                progress,
                version -> elsewhere(a -> a.progress.runFile(
                        Words.of("progress.opening", version.file().getFileName()),
                        () -> JobFile.read(version.file()),
                        a::openWithoutFile)));
        this.exports = new ExportActions(desk, choices, questions, progress);
        this.progress = progress;
        this.holding = new JobHolding(desk);
    }

    /** What is done with earlier states of the job. */
    public EarlierActions earlier() {
        return earlier;
    }

    /** What is done to hand files out. */
    public ExportActions exports() {
        return exports;
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
        if (isUntouched() && progress.isIdle()) { // a job that is being read will be here in a moment
            give.accept(this);
        } else if (!windows.another(give)) {
            whenUnsavedIsSettled(() -> give.accept(this));
        }
    }

    /** Whether the job is the one that the window began with. */
    private boolean isUntouched() {
        Bench bench = desk.bench();
        return bench.file().isEmpty() && !bench.unsaved() && !bench.canUndo();
    }

    /** Closes the window, once its job is settled. */
    public void closeWindow() {
        whenUnsavedIsSettled(windows::close);
    }

    /** Closes all windows, each once its job is settled. */
    public void quit() {
        windows.quit();
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
        if (isUntouched() && !progress.isIdle()) {
            desk.notices().refuse(Words.of("notice.stillOpening"));
            return;
        }
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
        choices.jobToSave(FileNames.of(desk.bench().job(), "rondel"))
                .flatMap(f -> FileNames.withEnding(f, "rondel", questions::replace))
                .ifPresent(f -> save(f, then));
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

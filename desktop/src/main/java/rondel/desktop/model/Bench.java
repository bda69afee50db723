package rondel.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import rondel.formats.fonts.UsualEditing;
import rondel.geometry.Affine;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Operation;

/** What the window is about: the job with its history, which sheet and group are open, and what is selected. Holds no
 *  interface; views read it and are told when it changes. One thread uses it; edits are worked out on others, one after
 *  another, and what is read here is what is to be shown. */
public final class Bench {

    private final ChangeListeners listeners = new ChangeListeners();
    private final Views views = new Views();
    private volatile Recorder recorder = Recorder.NONE;
    private final EditQueue edits;
    private Consumer<Throwable> failed = e -> {};
    private Consumer<History> bounded = h -> {};
    private Optional<Job> saved = Optional.empty();
    private Optional<Path> file = Optional.empty();
    /** A bench whose edits are made on the thread that asks. */
    public Bench(Job job) {
        this(job, EditThreads.SAME);
    }

    public Bench(Job job, EditThreads threads) {
        History fresh = UsualEditing.editing().begin(job);
        edits = new EditQueue(threads, new EditListener(), fresh);
        open(fresh, Optional.empty(), Optional.of(job));
    }

    /** Has a listener told why an edit can't be made, where who asked for it does not want to know. */
    public void onFailure(Consumer<Throwable> listener) {
        failed = listener;
    }

    /** Puts another job on the bench, with nothing unsaved. */
    public void open(Job job, Optional<Path> from) {
        open(UsualEditing.editing().begin(job), from, Optional.of(job));
    }

    /** Puts work on the bench that may not be saved yet.
     *
     * @param savedJob the job as it is in {@code from}, where it can be read */
    public void open(History newHistory, Optional<Path> from, Optional<Job> savedJob) {
        edits.replace(newHistory);
        saved = savedJob;
        file = from;
        recorder.opened(newHistory, from);
        views.start(newHistory.job());
        listeners.tell(EnumSet.of(Change.WORK));
        listeners.tell(EnumSet.complementOf(EnumSet.of(Change.WORK)));
    }

    public void recordTo(Recorder other) {
        recorder = other;
    }

    /** Has the memory of the history kept within a bound. */
    public void keepWithin(BoundedHistory bound) {
        bounded = bound::changed;
    }

    /** Has a listener told of any change. */
    public void onChange(Runnable listener) {
        on(EnumSet.complementOf(EnumSet.of(Change.WORK)), listener);
    }

    /** Has a listener told when something of what it reads has changed. */
    public void on(Set<Change> changes, Runnable listener) {
        listeners.add(changes, listener);
    }

    /** What has been done, without an edit that is still being worked out. */
    public History history() {
        return edits.history();
    }

    /** The job as it is to be shown. */
    public Job job() {
        return edits.job();
    }

    /** Whether every edit that was asked for is made, with what follows from it. */
    public boolean isSettled() {
        return edits.isSettled();
    }

    /** Runs an action once every edit that was asked for is made, with what follows from it. */
    public void whenSettled(Runnable action) {
        edits.then(action);
    }

    public Sheet sheet() {
        return job().sheet(views.now().sheet());
    }

    public Optional<Path> file() {
        return file;
    }

    public boolean unsaved() {
        return saved.filter(s -> s == job()).isEmpty();
    }

    public void savedAs(Path target, Job job) {
        file = Optional.of(target);
        saved = Optional.of(job);
        recorder.saved(job, target);
        listeners.tell(EnumSet.of(Change.FILE));
    }

    /** Makes an edit and selects what it leaves; one that is about no element leaves the selection as it is. */
    public void perform(Operation operation) {
        perform(operation, () -> {});
    }

    /** Makes an edit.
     *
     * @param made runs once it is shown; not where it can't be made */
    public void perform(Operation operation, Runnable made) {
        edits.edit(operation, new EditQueue.Asked(made, failed));
    }

    /** Makes an edit, or says why not.
     *
     * @param made runs once it is shown
     * @param not runs where it can't be made */
    public void perform(Operation operation, Runnable made, Runnable not) {
        edits.edit(operation, new EditQueue.Asked(made, e -> {
            not.run();
            failed.accept(e);
        }));
    }

    /** Makes an edit in the place of another, where that was the last one: what gets better step by step is one step to undo. */
    public void performInstead(Operation operation, Operation last) {
        edits.editInstead(operation, last, new EditQueue.Asked(() -> {}, failed));
    }

    /** Makes an edit whose result was computed elsewhere, with what follows from it.
     *
     * @param stale runs, and nothing is made, where the job has changed since */
    public void perform(Operation operation, Job computedFor, Job result, Runnable stale) {
        edits.computed(operation, computedFor, result, new EditQueue.Asked(() -> {}, failed), stale);
    }

    /** How the bench hears of its edits. */
    private final class EditListener implements EditQueue.Listener {

        @Override
        public void shown(Operation operation, List<ElementId> selects, boolean merged) {
            views.shown(operation, selects, merged, job());
            listeners.tell(EnumSet.of(Change.JOB, Change.SELECTION));
        }

        @Override
        public void settled(Operation operation, List<ElementId> selects, boolean wasShown, boolean merged) {
            recorder.done(operation);
            bounded.accept(history());
            if (!wasShown) {
                views.shown(operation, selects, merged, job());
            }
            views.settled(job());
            listeners.tell(EnumSet.of(Change.JOB, Change.SELECTION));
        }

        @Override
        public void replaced(Job before) {
            recorder.undone(before);
        }

        @Override
        public void beforeWork() {
            recorder.awaitKept();
        }

        @Override
        public void takenBack() {
            views.takenBack(job());
            listeners.tell(EnumSet.of(Change.JOB, Change.SELECTION));
        }
    }

    public boolean canUndo() {
        return history().past().isPresent() || edits.isShowingMore();
    }

    public boolean canRedo() {
        return history().future().isPresent() && !edits.isShowingMore();
    }

    public Optional<String> undoLabel() {
        return history().past().map(s -> s.operation().label());
    }

    public Optional<String> redoLabel() {
        return history().future().map(s -> s.operation().label());
    }

    public void undo() {
        travel(History::undo, recorder::undone, views::undone);
    }

    public void redo() {
        travel(History::redo, recorder::redone, views::redone);
    }

    private void travel(Function<History, Optional<History>> step, Consumer<Job> record, Consumer<Job> look) {
        edits.then(() -> step.apply(history()).ifPresent(h -> {
            edits.replaceSettled(h);
            bounded.accept(h);
            record.accept(h.job());
            look.accept(h.job());
            listeners.tell(EnumSet.of(Change.JOB, Change.SELECTION, Change.SHEET));
        }));
    }

    /** The groups that are stepped into, outermost first. */
    public List<GroupElement> openGroups() {
        return OpenLevel.of(sheet(), views.now().openPath()).groups();
    }

    /** What can be selected now: the elements of the open group or of the sheet, back to front. */
    public List<Element> level() {
        return OpenLevel.of(sheet(), views.now().openPath()).elements();
    }

    /** From the open group's space to the sheet's. */
    public Affine levelToSheet() {
        return OpenLevel.of(sheet(), views.now().openPath()).toSheet();
    }

    public Set<ElementId> selection() {
        return views.now().selection();
    }

    public List<ElementId> selectedIds() {
        return List.copyOf(views.now().selection());
    }

    public List<Located> selected() {
        return views.now().selection().stream()
                .flatMap(id -> job().find(id).stream())
                .toList();
    }

    public void select(Iterable<ElementId> ids) {
        Set<ElementId> wanted = new LinkedHashSet<>();
        ids.forEach(wanted::add);
        if (!wanted.equals(views.now().selection())) {
            views.look(views.now().selecting(wanted));
            views.settle(job());
            listeners.tell(EnumSet.of(Change.SELECTION));
        }
    }

    /** As {@link #select}, of what is known to be there. */
    private void selectOfLevel(Set<ElementId> wanted) {
        if (!wanted.equals(views.now().selection())) {
            views.look(views.now().selecting(wanted));
            listeners.tell(EnumSet.of(Change.SELECTION));
        }
    }

    public void selectNothing() {
        selectOfLevel(Set.of());
    }

    public void selectAll() {
        List<Element> level = level();
        Set<ElementId> all = LinkedHashSet.newLinkedHashSet(level.size());
        for (Element e : level) {
            if (!e.locked() && !e.hidden()) {
                all.add(e.id());
            }
        }
        selectOfLevel(all);
    }

    /** Adds to the selection, or takes away what is in it already. */
    public void toggle(ElementId id) {
        Set<ElementId> ids = new LinkedHashSet<>(views.now().selection());
        if (!ids.remove(id)) {
            ids.add(id);
        }
        select(ids);
    }

    public void stepInto(ElementId group) {
        if (level().stream().anyMatch(e -> e.id().equals(group) && e instanceof GroupElement)) {
            List<ElementId> path = new ArrayList<>(views.now().openPath());
            path.add(group);
            views.look(views.now().open(path, Set.of()));
            listeners.tell(EnumSet.of(Change.SELECTION));
        }
    }

    /** Closes groups until {@code depth} are open; the group stepped out of is selected. */
    public void stepOut(int depth) {
        if (depth < views.now().openPath().size()) {
            ElementId left = views.now().openPath().get(depth);
            views.look(views.now().open(views.now().openPath().subList(0, depth), Set.of(left)));
            listeners.tell(EnumSet.of(Change.SELECTION));
        }
    }

    public int depth() {
        return views.now().openPath().size();
    }

    public void show(SheetId sheet) {
        views.look(new Views.View(job().sheet(sheet).id(), List.of(), Set.of()));
        listeners.tell(EnumSet.of(Change.SHEET, Change.SELECTION));
    }
}

package rondel.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
 *  interface; views read it and are told when it changes. One thread uses it. */
public final class Bench {

    /** Where the person is looking: kept with each edit, so that undo brings back the selection too. */
    private record View(SheetId sheet, List<ElementId> openPath, Set<ElementId> selection) {}

    private final List<Runnable> listeners = new ArrayList<>();
    private final List<Runnable> openListeners = new ArrayList<>();
    private final List<View> pastViews = new ArrayList<>();
    private final List<View> futureViews = new ArrayList<>();
    private Recorder recorder = Recorder.NONE;
    private History history;
    private Optional<Job> saved;
    private Optional<Path> file = Optional.empty();
    private View view;
    private Optional<Surroundings> surroundings = Optional.empty();

    public Bench(Job job) {
        open(job, Optional.empty());
    }

    /** Puts another job on the bench, with nothing unsaved. */
    public void open(Job job, Optional<Path> from) {
        open(History.of(job), from, Optional.of(job));
    }

    /** Puts work on the bench that may not be saved yet.
     *
     * @param savedJob the job as it is in {@code from}, where it can be read */
    public void open(History newHistory, Optional<Path> from, Optional<Job> savedJob) {
        history = newHistory;
        saved = savedJob;
        file = from;
        recorder.opened(newHistory, from);
        pastViews.clear();
        futureViews.clear();
        view = new View(newHistory.job().sheets().getFirst().id(), List.of(), Set.of());
        openListeners.forEach(Runnable::run);
        changed();
    }

    /** Has a listener told when other work is put on the bench, before it is told that something has changed. */
    public void onOpen(Runnable listener) {
        openListeners.add(listener);
    }

    public void recordTo(Recorder other) {
        recorder = other;
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    public History history() {
        return history;
    }

    public Job job() {
        return history.job();
    }

    public Sheet sheet() {
        return job().sheet(view.sheet);
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
        changed();
    }

    /** Makes an edit and selects what it leaves; one that is about no element leaves the selection as it is.
     *
     * @throws rondel.words.Refusal if it can't be made; nothing has changed then */
    public void perform(Operation operation) {
        Job before = job();
        took(operation, before, history.then(operation));
    }

    /** Makes an edit whose result was computed elsewhere.
     *
     * @return whether it was made: not where the job has changed since */
    public boolean perform(Operation operation, Job computedFor, Job result) {
        if (job() != computedFor) {
            return false;
        }
        took(operation, computedFor, history.then(operation, result));
        return true;
    }

    private void took(Operation operation, Job before, History after) {
        history = after;
        recorder.done(operation);
        pastViews.add(view);
        futureViews.clear();
        List<ElementId> left = operation.selects(before, job());
        boolean aboutNone = left.isEmpty() && operation.about().isEmpty();
        view = new View(view.sheet, view.openPath, aboutNone ? view.selection : new LinkedHashSet<>(left));
        settle();
        changed();
    }

    public boolean canUndo() {
        return history.past().isPresent();
    }

    public boolean canRedo() {
        return history.future().isPresent();
    }

    public Optional<String> undoLabel() {
        return history.past().map(s -> s.operation().label());
    }

    public Optional<String> redoLabel() {
        return history.future().map(s -> s.operation().label());
    }

    public void undo() {
        history.undo().ifPresent(h -> {
            history = h;
            recorder.undone();
            travel(pastViews, futureViews);
        });
    }

    public void redo() {
        history.redo().ifPresent(h -> {
            history = h;
            recorder.redone();
            travel(futureViews, pastViews);
        });
    }

    private void travel(List<View> from, List<View> to) {
        to.add(view);
        if (!from.isEmpty()) {
            view = from.removeLast();
        }
        settle();
        changed();
    }

    /** The groups that are stepped into, outermost first. */
    public List<GroupElement> openGroups() {
        List<GroupElement> groups = new ArrayList<>();
        List<Element> level = sheet().elements();
        for (ElementId id : view.openPath) {
            Optional<Element> next =
                    level.stream().filter(e -> e.id().equals(id)).findFirst();
            if (next.isEmpty() || !(next.get() instanceof GroupElement g)) {
                break;
            }
            groups.add(g);
            level = g.children();
        }
        return groups;
    }

    /** What can be selected now: the elements of the open group or of the sheet, back to front. */
    public List<Element> level() {
        List<GroupElement> groups = openGroups();
        return groups.isEmpty() ? sheet().elements() : groups.getLast().children();
    }

    /** From the open group's space to the sheet's. */
    public Affine levelToSheet() {
        Affine all = Affine.IDENTITY;
        for (GroupElement g : openGroups()) {
            all = all.times(g.placement());
        }
        return all;
    }

    public Set<ElementId> selection() {
        return view.selection;
    }

    public List<ElementId> selectedIds() {
        return List.copyOf(view.selection);
    }

    public List<Located> selected() {
        return view.selection.stream().flatMap(id -> job().find(id).stream()).toList();
    }

    /** The selection among what is beside it; nothing where nothing that takes room is selected. */
    public Optional<Surroundings> surroundings() {
        return surroundings;
    }

    public void select(Iterable<ElementId> ids) {
        Set<ElementId> wanted = new LinkedHashSet<>();
        ids.forEach(wanted::add);
        if (!wanted.equals(view.selection)) {
            view = new View(view.sheet, view.openPath, wanted);
            settle();
            changed();
        }
    }

    public void selectNothing() {
        select(List.of());
    }

    public void selectAll() {
        select(level().stream()
                .filter(e -> !e.locked() && !e.hidden())
                .map(Element::id)
                .toList());
    }

    /** Adds to the selection, or takes away what is in it already. */
    public void toggle(ElementId id) {
        Set<ElementId> ids = new LinkedHashSet<>(view.selection);
        if (!ids.remove(id)) {
            ids.add(id);
        }
        select(ids);
    }

    public void stepInto(ElementId group) {
        if (level().stream().anyMatch(e -> e.id().equals(group) && e instanceof GroupElement)) {
            List<ElementId> path = new ArrayList<>(view.openPath);
            path.add(group);
            view = new View(view.sheet, List.copyOf(path), Set.of());
            changed();
        }
    }

    /** Closes groups until {@code depth} are open; the group stepped out of is selected. */
    public void stepOut(int depth) {
        if (depth < view.openPath.size()) {
            ElementId left = view.openPath.get(depth);
            view = new View(view.sheet, List.copyOf(view.openPath.subList(0, depth)), Set.of(left));
            changed();
        }
    }

    public int depth() {
        return view.openPath.size();
    }

    public void show(SheetId sheet) {
        view = new View(job().sheet(sheet).id(), List.of(), Set.of());
        changed();
    }

    /** Drops what no longer exists from the open path and the selection. */
    private void settle() {
        if (job().sheets().stream().noneMatch(s -> s.id().equals(view.sheet))) {
            view = new View(job().sheets().getFirst().id(), List.of(), Set.of());
        }
        List<ElementId> path = openGroups().stream().map(Element::id).toList();
        view = new View(view.sheet, path, view.selection);
        Set<ElementId> there = new LinkedHashSet<>();
        Set<ElementId> level = Set.copyOf(level().stream().map(Element::id).toList());
        view.selection.stream().filter(level::contains).forEach(there::add);
        view = new View(view.sheet, path, there);
    }

    private void changed() {
        surroundings = Surroundings.of(this);
        List.copyOf(listeners).forEach(Runnable::run);
    }
}

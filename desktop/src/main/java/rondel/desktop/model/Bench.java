package rondel.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import rondel.catalogue.WhatFollows;
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

    /** What of it has changed. */
    public enum Change {
        /** The job, by an edit, an undo or a redo, or as another was opened. */
        JOB,
        /** What is selected, or which group is open. */
        SELECTION,
        /** Which sheet is shown. */
        SHEET,
        /** The file it is in, and whether it is saved there. */
        FILE
    }

    private record Listening(Set<Change> to, Runnable listener) {}

    /** Where the person is looking: kept with each edit, so that undo brings back the selection too. */
    private record View(SheetId sheet, List<ElementId> openPath, Set<ElementId> selection) {}

    private final List<Listening> listeners = new ArrayList<>();
    private final List<Runnable> openListeners = new ArrayList<>();
    private final List<View> pastViews = new ArrayList<>();
    private final List<View> futureViews = new ArrayList<>();
    private Recorder recorder = Recorder.NONE;
    private final EditQueue edits;
    private Consumer<Throwable> failed = e -> {};
    private Optional<Job> saved = Optional.empty();
    private Optional<Path> file = Optional.empty();
    private View view = new View(new SheetId(""), List.of(), Set.of());

    /** Where the person was looking before the edit that is being shown. */
    private View viewBefore = view;

    /** A bench whose edits are made on the thread that asks. */
    public Bench(Job job) {
        this(job, EditThreads.SAME);
    }

    public Bench(Job job, EditThreads threads) {
        History fresh = WhatFollows.editing().begin(job);
        edits = new EditQueue(threads, new Shown(), fresh);
        open(fresh, Optional.empty(), Optional.of(job));
    }

    /** Has a listener told why an edit can't be made, where who asked for it does not want to know. */
    public void onFailure(Consumer<Throwable> listener) {
        failed = listener;
    }

    /** Puts another job on the bench, with nothing unsaved. */
    public void open(Job job, Optional<Path> from) {
        open(WhatFollows.editing().begin(job), from, Optional.of(job));
    }

    /** Puts work on the bench that may not be saved yet.
     *
     * @param savedJob the job as it is in {@code from}, where it can be read */
    public void open(History newHistory, Optional<Path> from, Optional<Job> savedJob) {
        edits.replace(newHistory);
        saved = savedJob;
        file = from;
        recorder.opened(newHistory, from);
        pastViews.clear();
        futureViews.clear();
        view = new View(newHistory.job().sheets().getFirst().id(), List.of(), Set.of());
        openListeners.forEach(Runnable::run);
        changed(EnumSet.allOf(Change.class));
    }

    /** Has a listener told when other work is put on the bench, before it is told that something has changed. */
    public void onOpen(Runnable listener) {
        openListeners.add(listener);
    }

    public void recordTo(Recorder other) {
        recorder = other;
    }

    /** Has a listener told of any change. */
    public void onChange(Runnable listener) {
        on(EnumSet.allOf(Change.class), listener);
    }

    /** Has a listener told when something of what it reads has changed. */
    public void on(Set<Change> changes, Runnable listener) {
        listeners.add(new Listening(EnumSet.copyOf(changes), listener));
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
        changed(EnumSet.of(Change.FILE));
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

    /** Makes an edit whose result was computed elsewhere, with what follows from it.
     *
     * @param stale runs, and nothing is made, where the job has changed since */
    public void perform(Operation operation, Job computedFor, Job result, Runnable stale) {
        edits.computed(operation, computedFor, result, new EditQueue.Asked(() -> {}, failed), stale);
    }

    /** How the bench hears of its edits. */
    private final class Shown implements EditQueue.Listener {

        @Override
        public void shown(Operation operation, List<ElementId> selects, boolean merged) {
            look(operation, selects, merged);
            changed(EnumSet.of(Change.JOB, Change.SELECTION));
        }

        @Override
        public void settled(Operation operation, List<ElementId> selects, boolean wasShown, boolean merged) {
            recorder.done(operation);
            if (!wasShown) {
                look(operation, selects, merged);
            }
            pastViews.add(viewBefore);
            futureViews.clear();
            settle();
            changed(EnumSet.of(Change.JOB, Change.SELECTION));
        }

        @Override
        public void takenBack() {
            view = viewBefore;
            settle();
            changed(EnumSet.of(Change.JOB, Change.SELECTION));
        }

        private void look(Operation operation, List<ElementId> selects, boolean merged) {
            if (!merged) {
                viewBefore = view;
            }
            boolean aboutNone = selects.isEmpty() && operation.about().isEmpty();
            view = new View(view.sheet, view.openPath, aboutNone ? view.selection : new LinkedHashSet<>(selects));
            settle();
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
        edits.then(() -> history().undo().ifPresent(h -> {
            edits.replaceSettled(h);
            recorder.undone();
            travel(pastViews, futureViews);
        }));
    }

    public void redo() {
        edits.then(() -> history().redo().ifPresent(h -> {
            edits.replaceSettled(h);
            recorder.redone();
            travel(futureViews, pastViews);
        }));
    }

    private void travel(List<View> from, List<View> to) {
        to.add(view);
        if (!from.isEmpty()) {
            view = from.removeLast();
        }
        settle();
        changed(EnumSet.of(Change.JOB, Change.SELECTION, Change.SHEET));
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

    public void select(Iterable<ElementId> ids) {
        Set<ElementId> wanted = new LinkedHashSet<>();
        ids.forEach(wanted::add);
        if (!wanted.equals(view.selection)) {
            view = new View(view.sheet, view.openPath, wanted);
            settle();
            changed(EnumSet.of(Change.SELECTION));
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
            changed(EnumSet.of(Change.SELECTION));
        }
    }

    /** Closes groups until {@code depth} are open; the group stepped out of is selected. */
    public void stepOut(int depth) {
        if (depth < view.openPath.size()) {
            ElementId left = view.openPath.get(depth);
            view = new View(view.sheet, List.copyOf(view.openPath.subList(0, depth)), Set.of(left));
            changed(EnumSet.of(Change.SELECTION));
        }
    }

    public int depth() {
        return view.openPath.size();
    }

    public void show(SheetId sheet) {
        view = new View(job().sheet(sheet).id(), List.of(), Set.of());
        changed(EnumSet.of(Change.SHEET, Change.SELECTION));
    }

    /** Drops what no longer exists from the open path and the selection. */
    private void settle() {
        if (job().sheets().stream().noneMatch(s -> s.id().equals(view.sheet))) {
            view = new View(job().sheets().getFirst().id(), List.of(), Set.of());
        }
        List<ElementId> path = openGroups().stream().map(Element::id).toList();
        view = new View(view.sheet, path, view.selection);
        if (view.selection.isEmpty()) {
            return;
        }
        Set<ElementId> level = new HashSet<>();
        level().forEach(e -> level.add(e.id()));
        if (!level.containsAll(view.selection)) {
            Set<ElementId> there = new LinkedHashSet<>(view.selection);
            there.retainAll(level);
            view = new View(view.sheet, path, there);
        }
    }

    private void changed(Set<Change> what) {
        for (Listening l : List.copyOf(listeners)) {
            if (l.to.stream().anyMatch(what::contains)) {
                l.listener.run();
            }
        }
    }
}

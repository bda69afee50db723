package rondel.desktop.model;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.operation.Operation;

/** Where the person is looking: which sheet, which group is open, what is selected. Kept with each edit, so that undo brings
 *  back the selection too. */
final class Views {

    /** A look at a job. */
    record View(SheetId sheet, List<ElementId> openPath, Set<ElementId> selection) {

        View selecting(Set<ElementId> other) {
            return new View(sheet, openPath, other);
        }

        View open(List<ElementId> path, Set<ElementId> selected) {
            return new View(sheet, List.copyOf(path), selected);
        }
    }

    /** So many are looked for one by one. */
    private static final int FEW = 16;

    private final List<View> past = new ArrayList<>();
    private final List<View> future = new ArrayList<>();
    private View now = new View(new SheetId(""), List.of(), Set.of());

    /** As it was before the edit that is being shown. */
    private View before = now;

    View now() {
        return now;
    }

    void look(View other) {
        now = other;
    }

    /** Begins with the first sheet of other work. */
    void start(Job job) {
        past.clear();
        future.clear();
        now = new View(job.sheets().getFirst().id(), List.of(), Set.of());
    }

    /** An edit is shown: what it leaves is selected; one that is about no element leaves the selection as it is.
     *
     * @param merged whether it was merged into the one before, whose look counts */
    void shown(Operation operation, List<ElementId> selects, boolean merged, Job job) {
        if (!merged) {
            before = now;
        }
        boolean aboutNone = selects.isEmpty() && operation.about().isEmpty();
        now = aboutNone ? now : now.selecting(new LinkedHashSet<>(selects));
        settle(job);
    }

    /** The edit that was shown is in the history. */
    void settled(Job job) {
        past.add(before);
        future.clear();
        settle(job);
    }

    /** The edit that was shown is taken back. */
    void takenBack(Job job) {
        now = before;
        settle(job);
    }

    void undone(Job job) {
        travel(past, future, job);
    }

    void redone(Job job) {
        travel(future, past, job);
    }

    private void travel(List<View> from, List<View> to, Job job) {
        to.add(now);
        if (!from.isEmpty()) {
            now = from.removeLast();
        }
        settle(job);
    }

    /** Drops what no longer exists from the open path and the selection. */
    void settle(Job job) {
        if (job.sheets().stream().noneMatch(s -> s.id().equals(now.sheet))) {
            now = new View(job.sheets().getFirst().id(), List.of(), Set.of());
        }
        OpenLevel level = OpenLevel.of(job.sheet(now.sheet), now.openPath);
        now = now.open(level.path(), now.selection);
        if (now.selection.isEmpty()) {
            return;
        }
        if (!isThere(level)) {
            Set<ElementId> left = new LinkedHashSet<>(now.selection);
            left.retainAll(level.elements().stream().map(Element::id).collect(Collectors.toSet()));
            now = now.selecting(left);
        }
    }

    /** Whether all that is selected is there, as it mostly is: then nothing is built, however much there is. */
    private boolean isThere(OpenLevel level) {
        if (now.selection.size() <= FEW) {
            List<ElementId> path = level.path();
            return now.selection.stream().allMatch(id -> level.sheet()
                    .find(id)
                    .filter(l ->
                            l.ancestors().stream().map(Element::id).toList().equals(path))
                    .isPresent());
        }
        return level.elements().stream()
                        .filter(e -> now.selection.contains(e.id()))
                        .count()
                == now.selection.size();
    }
}

package rondel.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.compose.arrange.Pin;
import rondel.compose.arrange.RepeatDuplicate;
import rondel.compose.pick.Likeness;
import rondel.compose.pick.Picker;
import rondel.compose.sheets.SetLinesScale;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Bench;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;

/** Commands that choose what the next edit is about, or go on with the last one. */
final class SelectCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final PointChoice points;

    SelectCommands(Commands all, Desk desk, PointChoice points) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.points = points;
    }

    void add() {
        all.put("sameFill", this::anySelected, () -> alike(Likeness.FILL));
        all.put("sameLine", this::anySelected, () -> alike(Likeness.LINE));
        all.put("sameSize", this::anySelected, () -> alike(Likeness.SIZE));
        all.put("sameKind", this::anySelected, () -> alike(Likeness.KIND));
        all.put("sameRole", this::anySelected, () -> alike(Likeness.ROLE));
        all.put("selectNext", this::anyThere, () -> next(1));
        all.put("selectPrevious", this::anyThere, () -> next(-1));
        all.put("alsoNext", this::anyThere, () -> step(1, true));
        all.put("alsoPrevious", this::anyThere, () -> step(-1, true));
        all.put("selectBeneath", this::oneSelected, this::beneath);
        all.put(
                "repeatDuplicate",
                () -> RepeatDuplicate.of(bench.history()).isPresent(),
                () -> bench.whenSettled(
                        () -> RepeatDuplicate.of(bench.history()).ifPresent(desk::perform)));
        all.put("pin", this::anySelected, this::pin);
        all.put(
                "linesScale",
                () -> true,
                () -> desk.perform(new SetLinesScale(!bench.job().linesScale())));
    }

    /** Goes on to the next thing; where the points of an outline are open, to the next of them. */
    private void next(int by) {
        if (points.isOpen()) {
            points.step(by);
        } else {
            step(by, false);
        }
    }

    private void alike(Likeness how) {
        bench.select(how.among(bench.level(), bench.levelToSheet(), bench.selection()));
    }

    private List<ElementId> selectable() {
        return bench.level().stream()
                .filter(e -> !e.locked() && !e.hidden())
                .map(Element::id)
                .toList();
    }

    /** Goes one card along the stack, round at its ends. */
    private void step(int by, boolean adding) {
        List<ElementId> there = selectable();
        List<ElementId> now = bench.selectedIds();
        int at = now.isEmpty() ? (by > 0 ? -1 : 0) : there.indexOf(now.getLast());
        ElementId next = there.get(Math.floorMod(at + by, there.size()));
        List<ElementId> chosen = new ArrayList<>(adding ? now : List.of());
        chosen.remove(next);
        chosen.add(next);
        bench.select(chosen);
    }

    /** The next thing under the middle of what is selected, round to the front again. */
    private void beneath() {
        Set<ElementId> selection = bench.selection();
        Extent.onSheet(bench.selected().getFirst()).ifPresent(box -> {
            Point middle = box.centre();
            List<ElementId> under = new Picker(bench.level(), bench.levelToSheet()).at(middle, 0.2);
            int at = under.indexOf(selection.iterator().next());
            if (!under.isEmpty()) {
                bench.select(List.of(under.get((at + 1) % under.size())));
            }
        });
    }

    private void pin() {
        boolean allPinned = bench.selected().stream().allMatch(l -> l.element().pinned());
        desk.perform(new Pin(bench.selectedIds(), !allPinned));
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }

    private boolean oneSelected() {
        return bench.selection().size() == 1;
    }

    private boolean anyThere() {
        return !selectable().isEmpty();
    }
}

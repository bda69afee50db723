package rondel.desktop.command;

import java.util.List;
import java.util.function.Function;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Flip;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.Lower;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Raise;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.ToBack;
import rondel.compose.arrange.ToFront;
import rondel.compose.arrange.Ungroup;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Bench;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.operation.Operation;

/** Commands that group, order, turn, nudge, hide and lock what is selected, and choose what is. */
final class ArrangeCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final LetterChoice letters;
    private final PointChoice points;

    ArrangeCommands(Commands all, Desk desk, LetterChoice letters, PointChoice points) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.letters = letters;
        this.points = points;
    }

    void add() {
        edits();
        arranging();
    }

    private void edits() {
        all.put("delete", this::anySelected, () -> {
            if (points.picked().isPresent()) {
                points.remove();
            } else {
                desk.perform(new Delete(bench.selectedIds()));
            }
        });
        operation("duplicate", ids -> {
            double step = bench.job().unit().coarseNudge();
            return new Duplicate(ids, step, step);
        });
        all.put("selectAll", () -> true, bench::selectAll);
        all.put("deselect", this::anySelected, bench::selectNothing);
        all.put(
                "stepIn",
                this::oneGroup,
                () -> bench.stepInto(bench.selectedIds().getFirst()));
        all.put("stepOut", () -> letters.isOpen() || points.isOpen() || bench.depth() > 0 || anySelected(), () -> {
            if (letters.isOpen()) {
                letters.close();
            } else if (points.isOpen()) {
                points.close();
            } else {
                stepOut();
            }
        });
        operation("group", ids -> new Group(ids, ""));
        all.put("ungroup", this::anyGroup, () -> desk.perform(new Ungroup(bench.selectedIds(), false)));
        all.put("ungroupAll", this::anyGroup, () -> desk.perform(new Ungroup(bench.selectedIds(), true)));
        operation("hide", ids -> new Hide(ids, true));
        operation("lock", ids -> new Lock(ids, true));
        all.put("showAll", () -> any(Element::hidden), () -> desk.perform(new Hide(ids(Element::hidden), false)));
        all.put("unlockAll", () -> any(Element::locked), () -> desk.perform(new Lock(ids(Element::locked), false)));
    }

    private void arranging() {
        operation("raise", Raise::new);
        operation("lower", Lower::new);
        operation("toFront", ToFront::new);
        operation("toBack", ToBack::new);
        operation("turnRight", ids -> new Rotate(ids, 90, Anchor.CENTRE));
        operation("turnLeft", ids -> new Rotate(ids, -90, Anchor.CENTRE));
        operation("flipAcross", ids -> new Flip(ids, Axis.HORIZONTAL));
        operation("flipDown", ids -> new Flip(ids, Axis.VERTICAL));
        nudge("nudgeLeft", -1, 0);
        nudge("nudgeRight", 1, 0);
        nudge("nudgeUp", 0, -1);
        nudge("nudgeDown", 0, 1);
    }

    private void nudge(String id, int across, int down) {
        all.put(
                id,
                this::anySelected,
                () -> nudge(desk.preferred().now().fineNudge(bench.job().unit()), across, down));
        all.put(
                id + "Far",
                this::anySelected,
                () -> nudge(desk.preferred().now().farNudge(bench.job().unit()), across, down));
    }

    private void nudge(double step, int across, int down) {
        if (points.picked().isPresent()) {
            points.nudge(across * step, down * step);
        } else {
            desk.perform(new Move(bench.selectedIds(), across * step, down * step));
        }
    }

    private void stepOut() {
        if (bench.depth() > 0) {
            bench.stepOut(bench.depth() - 1);
        } else {
            bench.selectNothing();
        }
    }

    private void operation(String id, Function<List<ElementId>, Operation> make) {
        all.put(id, this::anySelected, () -> desk.perform(make.apply(bench.selectedIds())));
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }

    private boolean oneGroup() {
        return desk.onlySelected().filter(GroupElement.class::isInstance).isPresent();
    }

    private boolean anyGroup() {
        return bench.selected().stream().anyMatch(l -> l.element() instanceof GroupElement);
    }

    private boolean any(java.util.function.Predicate<Element> test) {
        return bench.level().stream().anyMatch(test);
    }

    private List<ElementId> ids(java.util.function.Predicate<Element> test) {
        return bench.level().stream().filter(test).map(Element::id).toList();
    }
}

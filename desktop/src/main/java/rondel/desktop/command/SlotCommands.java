package rondel.desktop.command;

import java.util.List;
import java.util.Optional;
import rondel.compose.shadow.SetShadow;
import rondel.compose.slot.ClipWith;
import rondel.compose.slot.EmptySlots;
import rondel.compose.slot.MakeSlots;
import rondel.compose.slot.SetFit;
import rondel.compose.slot.Unclip;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.JobActions;
import rondel.desktop.model.Bench;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.Shadow;

/** Commands about clips, windows for pictures, and shadows. */
final class SlotCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final JobActions files;

    SlotCommands(Commands all, Desk desk, JobActions files) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.files = files;
    }

    void add() {
        all.put("clip", () -> bench.selection().size() > 1, this::clip);
        all.put("unclip", this::anyClip, () -> desk.perform(new Unclip(bench.selectedIds())));
        all.put("makeWindows", this::anySelected, () -> desk.perform(new MakeSlots(bench.selectedIds(), Fit.FILL)));
        all.put("fillWindows", () -> !slots().isEmpty(), () -> files.artwork().fillSlots(slots()));
        all.put("emptyWindows", this::anySlot, () -> desk.perform(new EmptySlots(selectedSlots())));
        all.put("fitFill", this::anySlot, () -> desk.perform(new SetFit(selectedSlots(), Fit.FILL)));
        all.put("fitWhole", this::anySlot, () -> desk.perform(new SetFit(selectedSlots(), Fit.WHOLE)));
        all.put("fitFree", this::anySlot, () -> desk.perform(new SetFit(selectedSlots(), Fit.FREE)));
        all.put("shadow", this::anySelected, this::shadow);
    }

    /** What is behind gives the outline: a sheet of pattern takes the shape below it. */
    private void clip() {
        List<ElementId> ids = bench.level().stream()
                .map(Element::id)
                .filter(bench.selection()::contains)
                .toList();
        desk.perform(new ClipWith(ids, ids.getFirst()));
    }

    private void shadow() {
        boolean allShaded = bench.selected().stream()
                .allMatch(l -> l.element().traits().shadow().isPresent());
        desk.perform(new SetShadow(bench.selectedIds(), allShaded ? Optional.empty() : Optional.of(Shadow.USUAL)));
    }

    private List<ElementId> selectedSlots() {
        return bench.selected().stream()
                .filter(l -> isSlot(l.element()))
                .map(l -> l.element().id())
                .toList();
    }

    /** The selected windows; all of the open group where none is selected. */
    private List<ElementId> slots() {
        List<ElementId> selected = selectedSlots();
        return selected.isEmpty()
                ? bench.level().stream()
                        .filter(e -> isSlot(e) && !e.locked() && !e.hidden())
                        .map(Element::id)
                        .toList()
                : selected;
    }

    private static boolean isSlot(Element e) {
        return e instanceof GroupElement g && g.slot().isPresent();
    }

    private boolean anySlot() {
        return !selectedSlots().isEmpty();
    }

    private boolean anyClip() {
        return bench.selected().stream()
                .anyMatch(l -> l.element() instanceof GroupElement g && g.clip().isPresent());
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }
}

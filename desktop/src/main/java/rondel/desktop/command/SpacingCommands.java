package rondel.desktop.command;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import rondel.compose.sheets.AddGuide;
import rondel.compose.sheets.RemoveGuide;
import rondel.compose.spacing.Align;
import rondel.compose.spacing.AlignTo;
import rondel.compose.spacing.Edge;
import rondel.compose.spacing.EvenCentres;
import rondel.compose.spacing.EvenGaps;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.Questions;
import rondel.desktop.model.Bench;
import rondel.desktop.model.SelectionBox;
import rondel.geometry.Axis;
import rondel.job.ElementId;
import rondel.operation.Operation;
import rondel.operation.Together;
import rondel.words.Words;

/** Commands that line things up, space them out and lay guides. */
final class SpacingCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final Questions questions;

    SpacingCommands(Commands all, Desk desk, Questions questions) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.questions = questions;
    }

    void add() {
        align("alignLeft", Edge.LEFT);
        align("alignCentre", Edge.CENTRE);
        align("alignRight", Edge.RIGHT);
        align("alignTop", Edge.TOP);
        align("alignMiddle", Edge.MIDDLE);
        align("alignBottom", Edge.BOTTOM);
        add("centreAll", this::anySelected, () -> desk.perform(centred()));
        add("evenGapsAcross", atLeast(3), () -> desk.perform(new EvenGaps(ids(), Axis.HORIZONTAL)));
        add("evenGapsDown", atLeast(3), () -> desk.perform(new EvenGaps(ids(), Axis.VERTICAL)));
        add("evenCentresAcross", atLeast(3), () -> desk.perform(new EvenCentres(ids(), Axis.HORIZONTAL)));
        add("evenCentresDown", atLeast(3), () -> desk.perform(new EvenCentres(ids(), Axis.VERTICAL)));
        add("spaceOut", atLeast(1), this::spaceOut);
        add("addGuide", () -> true, this::addGuide);
        add("clearGuides", () -> !bench.sheet().guides().isEmpty(), this::clearGuides);
    }

    private void add(String id, BooleanSupplier enabled, Runnable action) {
        all.put(id, enabled, action);
    }

    private void align(String id, Edge edge) {
        add(id, this::anySelected, () -> desk.perform(aligned(edge)));
    }

    /** A single thing lines up with the sheet where it can't line up with others. */
    private Operation aligned(Edge edge) {
        AlignTo to = desk.spacing().alignTo();
        boolean alone = ids().size() == 1 && (to == AlignTo.EACH_OTHER || to == AlignTo.KEY);
        Optional<ElementId> key = to == AlignTo.KEY && !alone ? Optional.of(ids().getLast()) : Optional.empty();
        return new Align(
                ids(), edge, alone ? AlignTo.SHEET : to, key, desk.spacing().asOne());
    }

    private Operation centred() {
        return new Together(
                Words.of("command.centreAll"),
                List.of(
                        new Align(ids(), Edge.CENTRE, AlignTo.SHEET, Optional.empty(), true),
                        new Align(ids(), Edge.MIDDLE, AlignTo.SHEET, Optional.empty(), true)));
    }

    private void spaceOut() {
        SelectionBox.upright(bench.selected()).ifPresent(box -> questions
                .spacing(ids().size(), box, bench.job().unit())
                .ifPresent(form -> desk.perform(form.operation(ids(), box))));
    }

    private void addGuide() {
        questions
                .guide(bench.job().unit())
                .ifPresent(g -> desk.perform(new AddGuide(bench.sheet().id(), g.axis(), g.at())));
    }

    private void clearGuides() {
        List<Operation> steps = bench.sheet().guides().stream()
                .<Operation>map(g -> new RemoveGuide(bench.sheet().id(), 0))
                .toList();
        desk.perform(new Together(Words.of("command.clearGuides"), steps));
    }

    private List<ElementId> ids() {
        return bench.selectedIds();
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }

    private BooleanSupplier atLeast(int count) {
        return () -> bench.selection().size() >= count;
    }
}

package rondel.desktop.command;

import java.util.List;
import java.util.OptionalDouble;
import rondel.desktop.desk.Desk;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.model.Bench;
import rondel.job.BackdropSettings;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.HaloSettings;
import rondel.job.PictureElement;
import rondel.job.TraceSettings;
import rondel.lines.backdrop.ClearBackdrop;
import rondel.lines.backdrop.RestoreBackdrop;
import rondel.lines.combine.BooleanOperation;
import rondel.lines.combine.Combine;
import rondel.lines.combine.MakePermanent;
import rondel.lines.combine.SmoothForBlade;
import rondel.lines.combine.ToOutlines;
import rondel.lines.combine.UniteLive;
import rondel.lines.filling.FillOutline;
import rondel.lines.halo.MakeHalo;
import rondel.lines.join.JoinEnds;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.KeepOnly;
import rondel.lines.pieces.Regroup;
import rondel.lines.trace.Trace;
import rondel.operation.Operation;
import rondel.words.Words;

/** Commands that turn artwork into clean outlines, in the background. */
final class LinesCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final BackgroundEdits edits;

    LinesCommands(Commands all, Desk desk, BackgroundEdits edits) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.edits = edits;
    }

    void add() {
        combine("unite", BooleanOperation.UNITE);
        combine("subtract", BooleanOperation.SUBTRACT);
        combine("intersect", BooleanOperation.INTERSECT);
        combine("exclude", BooleanOperation.EXCLUDE);
        combine("divide", BooleanOperation.DIVIDE);
        combine("dropCovered", BooleanOperation.DROP_COVERED);
        all.put("uniteLive", this::anySelected, () -> make(new UniteLive(bench.selectedIds())));
        all.put("makePermanent", this::anySelected, () -> desk.perform(new MakePermanent(bench.selectedIds())));
        all.put(
                "halo",
                this::anySelected,
                () -> make(new MakeHalo(
                        bench.selectedIds(),
                        HaloSettings.USUAL,
                        OptionalDouble.empty(),
                        MakeHalo.Spread.EACH,
                        OptionalDouble.of(MakeHalo.USUAL_GAP))));
        all.put("trace", this::onlyPictures, () -> make(new Trace(bench.selectedIds(), TraceSettings.USUAL)));
        all.put(
                "clearBackdrop",
                this::onlyPictures,
                () -> make(new ClearBackdrop(bench.selectedIds(), BackdropSettings.USUAL)));
        all.put("restoreBackdrop", this::onlyPictures, () -> desk.perform(new RestoreBackdrop(bench.selectedIds())));
        all.put("fillOutline", this::anySelected, this::fill);
        all.put("stopAndKeep", edits.filling()::isUnderWay, edits.filling()::stopAndKeep);
        all.put("toOutlines", this::anySelected, () -> make(new ToOutlines(bench.selectedIds(), false)));
        regroup("byPiece", Grouping.PIECE);
        regroup("byPieceAndHole", Grouping.PIECE_AND_HOLE);
        regroup("byColour", Grouping.COLOUR);
        regroup("byRole", Grouping.ROLE);
        regroup("byOutline", Grouping.OUTLINE);
        all.put("keepOnly", this::anySelected, () -> desk.perform(new KeepOnly(bench.selectedIds(), false)));
        all.put("parkOthers", this::anySelected, () -> desk.perform(new KeepOnly(bench.selectedIds(), true)));
        all.put("smoothForBlade", this::anySelected, () -> make(SmoothForBlade.usual(bench.selectedIds())));
        all.put("joinEnds", this::anySelected, () -> make(JoinEnds.usual(bench.selectedIds())));
        all.put("linesToOutlines", this::anySelected, () -> make(new ToOutlines(bench.selectedIds(), true)));
    }

    private void regroup(String id, Grouping by) {
        all.put(id, () -> !bench.level().isEmpty(), () -> make(new Regroup(chosen(), by)));
    }

    /** What is selected; else all of the open group, or everything on every sheet. */
    private List<ElementId> chosen() {
        return bench.selection().isEmpty() && bench.depth() > 0
                ? bench.level().stream().map(Element::id).toList()
                : bench.selectedIds();
    }

    private void combine(String id, BooleanOperation way) {
        boolean oneWill = way == BooleanOperation.UNITE || way == BooleanOperation.DIVIDE;
        all.put(
                id,
                () -> bench.selection().size() > (oneWill ? 0 : 1),
                () -> make(new Combine(bench.selectedIds(), way, edits.shapes().lines())));
    }

    private void fill() {
        FillOutline.ofSelection(bench.job(), bench.selectedIds(), FillingSettings.USUAL)
                .ifPresentOrElse(edits.filling()::start, () -> desk.notices().refuse(Words.of("lines.selectFirst")));
    }

    private void make(Operation operation) {
        edits.make(operation);
    }

    private boolean onlyPictures() {
        return anySelected() && bench.selected().stream().allMatch(l -> l.element() instanceof PictureElement);
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }
}

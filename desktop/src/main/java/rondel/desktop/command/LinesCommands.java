package rondel.desktop.command;

import java.util.List;
import rondel.desktop.app.Desk;
import rondel.desktop.app.Progress;
import rondel.desktop.model.Bench;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.link.Following;
import rondel.operation.Operation;
import rondel.pieces.By;
import rondel.pieces.KeepOnly;
import rondel.pieces.Regroup;
import rondel.shapes.Combine;
import rondel.shapes.ToOutlines;
import rondel.shapes.Way;
import rondel.words.Words;

/** Commands that turn artwork into clean outlines. What they compute may take its time: it is computed in the background and
 *  made when it is there, unless the job was changed meanwhile. */
final class LinesCommands {

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final Progress progress;

    LinesCommands(Commands all, Desk desk, Progress progress) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.progress = progress;
    }

    void add() {
        combine("unite", "Shortcut+Alt+Shift+U", Way.UNITE);
        combine("subtract", "Shortcut+Alt+Shift+X", Way.SUBTRACT);
        combine("intersect", "Shortcut+Alt+Shift+I", Way.INTERSECT);
        combine("exclude", "Shortcut+Alt+Shift+E", Way.EXCLUDE);
        combine("divide", "Shortcut+Alt+Shift+D", Way.DIVIDE);
        combine("dropCovered", "", Way.DROP_COVERED);
        all.put(
                "toOutlines",
                "Shortcut+Alt+O",
                this::anySelected,
                () -> make(new ToOutlines(bench.selectedIds(), false)));
        regroup("byPiece", "Shortcut+Alt+Shift+P", By.PIECE);
        regroup("byPieceAndHole", "", By.PIECE_AND_HOLE);
        regroup("byColour", "", By.COLOUR);
        regroup("byRole", "", By.ROLE);
        regroup("byOutline", "", By.OUTLINE);
        all.put("keepOnly", "", this::anySelected, () -> desk.perform(new KeepOnly(bench.selectedIds(), false)));
        all.put("parkOthers", "", this::anySelected, () -> desk.perform(new KeepOnly(bench.selectedIds(), true)));
        all.put("linesToOutlines", "", this::anySelected, () -> make(new ToOutlines(bench.selectedIds(), true)));
    }

    private void regroup(String id, String keys, By by) {
        all.put(id, keys, () -> !bench.level().isEmpty(), () -> make(new Regroup(chosen(), by)));
    }

    /** What is selected; else all of the open group, or everything on every sheet. */
    private List<ElementId> chosen() {
        return bench.selection().isEmpty() && bench.depth() > 0
                ? bench.level().stream().map(Element::id).toList()
                : bench.selectedIds();
    }

    private void combine(String id, String keys, Way way) {
        all.put(id, keys, () -> bench.selection().size() > 1, () -> make(new Combine(bench.selectedIds(), way, false)));
    }

    /** Computes an edit in the background; its result is taken only for the job that it was computed for. */
    private void make(Operation operation) {
        Job job = bench.job();
        progress.run(operation.label(), () -> Following.apply(operation, job), result -> {
            if (!bench.perform(operation, job, result)) {
                desk.notices().refuse(Words.of("notice.changedMeanwhile", operation.label()));
            }
        });
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }
}

package rondel.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.image.Image;
import rondel.compose.link.Unlink;
import rondel.compose.tryout.FlipTryOut;
import rondel.compose.tryout.KeepShown;
import rondel.compose.tryout.MakeTryOut;
import rondel.compose.tryout.TryOuts;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.Questions;
import rondel.desktop.model.Bench;
import rondel.desktop.model.SelectionBox;
import rondel.desktop.sheet.ScenePainting;
import rondel.desktop.sheet.SheetScene;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.Tree;
import rondel.words.Words;

/** Commands that hold alternatives for one place, and that repeat or mirror an arrangement. */
final class TryOutCommands {

    private static final double PICTURE = 280;

    private final Commands all;
    private final Desk desk;
    private final Bench bench;
    private final Questions questions;

    TryOutCommands(Commands all, Desk desk, Questions questions) {
        this.all = all;
        this.desk = desk;
        this.bench = desk.bench();
        this.questions = questions;
    }

    void add() {
        all.put(
                "tryOut",
                () -> bench.selection().size() > 1,
                () -> desk.perform(new MakeTryOut(bench.selectedIds(), Words.of("tryout.name"))));
        all.put("tryNext", this::anyTryOut, () -> desk.perform(new FlipTryOut(tryOuts(), 1)));
        all.put("tryPrevious", this::anyTryOut, () -> desk.perform(new FlipTryOut(tryOuts(), -1)));
        all.put("trySideBySide", () -> tryOuts().size() == 1, this::sideBySide);
        all.put("trySettle", this::anyTryOut, () -> desk.perform(new KeepShown(tryOuts())));
        all.put("mirrorToCorners", this::anySelected, this::mirror);
        all.put("unlink", this::anyLinked, () -> desk.perform(new Unlink(bench.selectedIds())));
        all.put("repeatAlong", () -> !bench.selection().isEmpty(), () -> questions
                .repeat(bench.job().unit())
                .ifPresent(form -> desk.perform(form.operation(bench.selectedIds(), bench.sheet()))));
    }

    private boolean anySelected() {
        return !bench.selection().isEmpty();
    }

    private boolean anyLinked() {
        return bench.selected().stream()
                .anyMatch(l -> Tree.any(l.element(), e -> e.traits().link().isPresent()));
    }

    private void mirror() {
        SelectionBox.upright(bench.selected()).ifPresent(box -> questions
                .mirror(
                        new MirrorForm(MirrorForm.Corners.SHEET, bench.sheet().trim(), true),
                        bench.job().unit())
                .ifPresent(form -> desk.perform(form.operation(bench.selectedIds(), bench.sheet()))));
    }

    private void sideBySide() {
        ElementId id = tryOuts().getFirst();
        GroupElement tryOut = (GroupElement) bench.job().located(id).element();
        Job job = bench.job();
        Sheet sheet = bench.sheet();
        int shown = TryOuts.shown(tryOut);
        desk.workers()
                .run(
                        () -> pictures(job, sheet, id, tryOut.children().size(), shown),
                        pictures -> choose(id, pictures, shown),
                        desk.notices()::failed,
                        () -> {});
    }

    private List<Image> pictures(Job job, Sheet sheet, ElementId id, int count, int shown) {
        double longest = Math.max(sheet.width(), sheet.height());
        List<Image> pictures = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Job each = bench.history().editing().direct(new FlipTryOut(List.of(id), i - shown), job);
            Sheet other = each.sheet(sheet.id());
            pictures.add(ScenePainting.elements(
                    SheetScene.of(each, other),
                    other.elements(),
                    new Box(0, 0, sheet.width(), sheet.height()),
                    PICTURE / longest,
                    desk.pictures()));
        }
        return pictures;
    }

    private void choose(ElementId id, List<Image> pictures, int shown) {
        Optional<Integer> chosen = questions.sideBySide(pictures, shown);
        chosen.filter(c -> c != shown && bench.job().find(id).isPresent())
                .ifPresent(c -> desk.perform(new FlipTryOut(List.of(id), c - shown)));
    }

    private List<ElementId> tryOuts() {
        return bench.selected().stream()
                .map(l -> l.element())
                .filter(e -> e instanceof GroupElement g && g.isTryOut())
                .map(Element::id)
                .toList();
    }

    private boolean anyTryOut() {
        return !tryOuts().isEmpty();
    }
}

package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Resize;
import rondel.desktop.gang.planning.NamesModel;
import rondel.geometry.Anchor;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.Plan;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Way;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** The Gang stage as a person uses it. */
class GangWindowTest extends BenchFixture {

    private List<Sheet> stock() {
        return bench.job().sheets().stream()
                .filter(s -> s.planned().isPresent())
                .toList();
    }

    private static List<CopyElement> copies(Sheet sheet) {
        return sheet.elements().stream()
                .filter(CopyElement.class::isInstance)
                .map(CopyElement.class::cast)
                .toList();
    }

    private String said(String id) {
        return lookup(id).<Label>query().getText();
    }

    private void layOutSheet() throws Exception {
        openDemo("sticker-sheet");
        run("stageGang");
        run("layOut");
        calm();
    }

    @Test
    void aSheetIsLaidOutAndItsFiguresAreInViewAtOnce() throws Exception {
        layOutSheet();
        assertThat(stock()).hasSize(1);
        assertThat(bench.sheet().planned()).isPresent();
        assertThat(said("#gang-sheets")).isEqualTo("1");
        assertThat(said("#gang-copies")).isEqualTo("1");
        assertThat(said("#gang-used")).endsWith("%");
        onFx(() -> lookup("#gang-stock").<ChoiceBox<?>>query());
        type("#gang-gutter-x", "1in");
        calm();
        Plan plan = bench.job().plans().getFirst();
        assertThat(((Way.Rows) plan.way()).settings().gutterX()).isEqualTo(25.4);
        run("undo");
        calm();
        run("undo");
        calm();
        assertThat(bench.job().plans()).isEmpty();
        assertThat(stock()).isEmpty();
    }

    @Test
    void copiesAreMovedByHandStayAndArePutBack() throws Exception {
        openDemo("sticker-run");
        run("stageGang");
        calm();
        CopyElement first = copies(stock().getFirst()).getFirst();
        onFx(() -> bench.select(List.of(first.id())));
        keys(KeyCode.SHIFT, KeyCode.RIGHT);
        calm();
        assertThat(((CopyElement) bench.job().located(first.id()).element()).keptByHand())
                .isTrue();
        assertThat(said("#gang-note")).contains("hand");
        run("putBack");
        calm();
        assertThat(bench.job().located(first.id()).element().placement()).isEqualTo(first.placement());
        onFx(() -> bench.select(List.of(first.id())));
        run("delete");
        calm();
        assertThat(said("#gang-note")).contains("taken out");
        onFx(bench::selectNothing);
        run("putBack");
        calm();
        assertThat(copies(stock().getFirst()))
                .anyMatch(c -> c.planned().orElseThrow().index() == 0);
    }

    @Test
    void anEditOfTheDesignIsSeenOnAllItsCopies() throws Exception {
        openDemo("sticker-run");
        Element sticker = bench.sheet().elements().getFirst();
        List<CopyElement> before = copies(stock().getFirst()).stream()
                .filter(c -> c.of().equals(new Design.Whole(sticker.id())))
                .toList();
        onFx(() -> bench.select(List.of(sticker.id())));
        run("turnRight");
        calm();
        List<CopyElement> after = copies(stock().getFirst()).stream()
                .filter(c -> c.of().equals(new Design.Whole(sticker.id())))
                .toList();
        assertThat(before).isNotEmpty();
        assertThat(after.getFirst().content()).isNotEqualTo(before.getFirst().content());
        assertThat(after.stream().map(CopyElement::content).distinct()).hasSize(1);
    }

    @Test
    void aNestIsSearchedForWatchedStoppedAndKept() throws Exception {
        openDemo("nested-leaves");
        run("stageGang");
        calm();
        Plan before = bench.job().plans().getFirst();
        clickOn("#gang-search");
        Thread.sleep(1500);
        clickOn("#gang-stop");
        calm();
        Plan after = bench.job().plans().getFirst();
        run("undo");
        calm();
        assertThat(bench.job().plans().getFirst()).isEqualTo(before);
        run("redo");
        calm();
        assertThat(((Way.Nest) after.way()).found()).isPresent();
        assertThat(((Way.Nest) after.way()).settings().seed())
                .isEqualTo(((Way.Nest) before.way()).settings().seed() + 1);
        assertThat(copies(stock().getFirst()))
                .hasSize(((Way.Nest) after.way()).found().orElseThrow().places().size());
    }

    @Test
    void aPieceOfANestThatShowsNothingAnyMoreIsNoNewsAtEveryEdit() throws Exception {
        openDemo("nested-leaves");
        run("stageGang");
        calm();
        List<ElementId> pieces = bench.job().plans().getFirst().designs().stream()
                .map(d -> ((Design.Whole) d.design()).element())
                .toList();
        int said = notices.all().size();
        // Smaller than what a chord may be from a curve: nothing is left of it that could be cut.
        Operation tiny = new Resize(
                List.of(pieces.getFirst()),
                OptionalDouble.of(0.005),
                OptionalDouble.empty(),
                true,
                Anchor.CENTRE,
                Resize.Frame.SHEET);
        onFx(() -> bench.perform(tiny));
        calm();
        assertThat(notices.all()).hasSize(said);
        assertThat(said("#gang-note")).contains("shows nothing");
        clickOn("#gang-search");
        calm();
        assertThat(notices.all().getLast().sentence()).contains("shows nothing");
    }

    @Test
    void aTagIsFoldedFromTheAnswersOfTheDialog() throws Exception {
        openDemo("salt-jar-tags");
        SheetId front = bench.job().sheets().get(0).id();
        answers.folded = Optional.of(tag -> new Design.Flat(
                new Folding(Folding.Kind.TAG, 38, 50, Folding.Turning.LONG_EDGE, Folding.Score.LINE),
                List.of(new Design.FaceDesign(FaceName.FRONT, new Design.Page(front))),
                Design.Flat.Side.OUTSIDE));
        run("stageGang");
        int before = stock().size();
        run("foldOver");
        calm();
        assertThat(stock().size()).isGreaterThan(before);
        assertThat(copies(bench.sheet()).getFirst().content().box().height()).isEqualTo(100);
    }

    @Test
    void aListIsReadEditedKeptAndLaidOut() throws Exception {
        openDemo("salt-jar-tags");
        Files.writeString(ownFonts.resolveSibling("list.csv"), "Beach;Copies\nTern Island;2\nOtter Slip;1\n");
        NamesModel[] held = new NamesModel[1];
        answers.names = m -> held[0] = m;
        onFx(() -> bench.show(bench.job().sheets().getFirst().id()));
        run("names");
        onFx(() -> held[0].read(ownFonts.resolveSibling("list.csv")));
        calm();
        waitFor(() -> held[0].isFilled());
        onFx(() -> held[0].cell(1, 0, "Far Beacon"));
        waitFor(() -> held[0].isFilled());
        assertThat(held[0].findings()).isZero();
        int plans = bench.job().plans().size();
        onFx(() -> {
            try {
                held[0].keep();
            } catch (Refusal e) {
                throw new AssertionError(e);
            }
        });
        calm();
        assertThat(bench.job().plans()).hasSize(plans + 1);
        assertThat(bench.job().lists()).hasSize(2);
        assertThat(copies(bench.sheet())).extracting(Element::name).contains("Far Beacon", "Tern Island");
        assertThat(copies(bench.sheet())).hasSize(3);
    }

    private void waitFor(java.util.function.BooleanSupplier ready) throws Exception {
        for (int i = 0; i < 200; i++) {
            boolean[] is = new boolean[1];
            onFx(() -> is[0] = ready.getAsBoolean());
            if (is[0]) {
                return;
            }
            Thread.sleep(25);
        }
        throw new AssertionError("never");
    }

    @Test
    void aCopyIsSwappedAndMadeItsOwnByCommand() throws Exception {
        openDemo("sticker-run");
        run("stageGang");
        calm();
        ElementId id = copies(stock().getFirst()).getFirst().id();
        answers.design = Optional.of(copies(stock().getFirst()).getLast().name());
        onFx(() -> bench.select(List.of(id)));
        run("swapDesign");
        calm();
        assertThat(((CopyElement) bench.job().located(id).element()).of())
                .isEqualTo(copies(stock().getFirst()).getLast().of());
        run("makeOwn");
        calm();
        assertThat(bench.job().located(id).element()).isNotInstanceOf(CopyElement.class);
    }
}

package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import rondel.arrange.Place;
import rondel.arrange.SetRole;
import rondel.check.Finding;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.job.BackdropShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FillingShape;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.pieces.Part;

/** The Lines stage: what will be made, what is found, and the tools that make outlines and pieces. */
class LinesWindowTest extends BenchFixture {

    private void open(String demo) throws Exception {
        Job job = DemoJobs.all().stream()
                .filter(d -> d.name().equals(demo))
                .findFirst()
                .orElseThrow()
                .read();
        onFx(() -> bench.open(job, Optional.empty()));
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        calm();
    }

    private List<Part> parts() {
        return List.copyOf(lookup("#parts").<ListView<Part>>query().getItems());
    }

    private List<Finding> findings() {
        return lookup("#findings").<ListView<Finding>>query().getItems();
    }

    @Test
    void aCutFileIsSeenByRoleAndRegroupedByPieceInOneStep() throws Exception {
        open("boat-boxes");
        assertThat(lookup("#legend").lookup(".label").<Labeled>queryAll())
                .extracting(Labeled::getText)
                .anyMatch(t -> t.startsWith("18 ·"));
        onFx(() -> lookup("#tool-byPiece").queryAs(Button.class).fire());
        calm();
        List<Element> pieces = bench.sheet().elements();
        assertThat(pieces).hasSize(9).allMatch(GroupElement.class::isInstance);
        assertThat(pieces.getLast().name()).startsWith("Piece 1 ");
        assertThat(pieces.getLast().children()).hasSize(8);
        onFx(() -> bench.select(List.of(pieces.getFirst().id())));
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> parts().size() == 3);
        assertThat(parts()).extracting(Part::kind).containsExactly(Part.Kind.OUTLINE, Part.Kind.HOLE, Part.Kind.LINE);
        onFx(() -> lookup("#tool-parkOthers").queryAs(Button.class).fire());
        assertThat(boxOf(pieces.getLast().id()).x()).isGreaterThan(304.8);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        clickOn(lookup(".part-cell").<javafx.scene.Node>query());
        assertThat(bench.selectedIds()).containsExactly(parts().getFirst().element());
        assertThat(only().role()).isEqualTo(Role.CUT);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.sheet().elements()).hasSize(2);
    }

    @Test
    void lettersAreUnitedAndRolesFollowTheLook() throws Exception {
        open("boat-boxes");
        answers.roles = Optional.of(looks -> looks.stream()
                .map(l -> new RoleRule(l.colour(), l.dashed(), l.width(), Role.DRAW))
                .toList());
        onFx(() -> window.commands().get("rolesByLook").run());
        calm();
        assertThat(bench.job().everything().filter(e -> e.role() == Role.DRAW)).hasSize(47);
        keys(KeyCode.SHORTCUT, KeyCode.F1);
        calm();
        assertThat(lookup("#shelf").tryQuery()).isPresent();
    }

    @Test
    void theBadgeCountsFindingsAClickGoesThereAndAButtonMends() throws Exception {
        open("tide-card");
        ElementId text = bench.sheet().elements().getLast().id();
        onFx(() -> bench.perform(new SetRole(List.of(text), Role.CUT)));
        onFx(() -> bench.selectNothing());
        calm();
        int before = findings().size();
        assertThat(findings().getFirst().code()).isEqualTo("liveText");
        assertThat(lookup("#badge").queryAs(Labeled.class).getText()).isEqualTo("! " + before);
        assertThat(lookup(".finding-mark").<Labeled>queryAll())
                .extracting(Labeled::getAccessibleText)
                .anyMatch(t -> t.contains("live"));
        clickOn(lookup(".finding-cell").<javafx.scene.Node>query());
        assertThat(bench.selectedIds()).containsExactly(text);
        clickOn("#mend");
        calm();
        assertThat(findings()).noneMatch(f -> f.code().equals("liveText"));
        assertThat(only().kind()).isEqualTo("shape");
    }

    @Test
    void aHaloIsSeenBeforeItIsMadeAndThenFollowsItsArtwork() throws Exception {
        dragFromShelf("crab", 100, 100);
        ElementId crab = only().id();
        Job before = bench.job();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        clickOn("#part-halo");
        clickOn("#halo-preview")
                .clickOn("#halo-distance")
                .push(KeyCode.SHORTCUT, KeyCode.A)
                .write("4 mm");
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> lookup(".role-KISS_CUT").tryQuery().isPresent());
        assertThat(bench.job()).isSameAs(before);
        clickOn("#halo-make");
        calm();
        Box around = boxOf(only().id());
        assertThat(around.x()).isBetween(boxOf(crab).x() - 5.5, boxOf(crab).x() - 3.9);
        ElementId halo = only().id();
        onFx(() -> bench.select(List.of(crab)));
        keys(KeyCode.RIGHT);
        assertThat(boxOf(halo).x()).isGreaterThan(around.x());
        onFx(() -> bench.select(List.of(halo)));
        keys(KeyCode.SHORTCUT, KeyCode.ALT, KeyCode.U);
        Box free = boxOf(halo);
        onFx(() -> bench.select(List.of(crab)));
        keys(KeyCode.RIGHT);
        assertThat(boxOf(halo)).isEqualTo(free);
    }

    @Test
    void halosOfNeighboursKeepTheGapThatIsTypedAndNeedlesAreSmoothedByAKey() throws Exception {
        onFx(() -> bench.perform(
                new Place(bench.sheet().id(), List.of(disc("a", 80, 100, 20), disc("b", 124, 100, 20)), List.of())));
        onFx(() -> bench.select(List.of(new ElementId("a"), new ElementId("b"))));
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        clickOn("#part-halo");
        clickOn("#halo-distance").push(KeyCode.SHORTCUT, KeyCode.A).write("3 mm");
        clickOn("#halo-gap").push(KeyCode.SHORTCUT, KeyCode.A).write("2 mm");
        clickOn("#halo-make");
        calm();
        List<Box> halos = bench.selectedIds().stream().map(this::boxOf).toList();
        assertThat(halos).hasSize(2);
        assertThat(halos.get(1).x() - halos.get(0).right()).isBetween(1.95, 2.05);
        Outline needle = new OutlineBuilder()
                .moveTo(60, 200)
                .lineTo(120, 202)
                .lineTo(60, 204)
                .close()
                .build();
        ShapeElement sharp = new ShapeElement(
                Traits.named("needle").withId(new ElementId("needle")).withRole(Role.CUT),
                needle,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.2)));
        onFx(() -> bench.perform(new Place(bench.sheet().id(), List.of(sharp), List.of())));
        calm();
        assertThat(findings()).extracting(Finding::code).contains("spikes");
        onFx(() -> bench.select(List.of(sharp.id())));
        keys(KeyCode.SHORTCUT, KeyCode.ALT, KeyCode.SHIFT, KeyCode.N);
        calm();
        assertThat(findings()).extracting(Finding::code).doesNotContain("spikes");
    }

    @Test
    void aPictureIsTracedInAFewColoursAndKept() throws Exception {
        dragFromShelf("sea-wash", 100, 100);
        Element picture = only();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        onFx(() -> lookup("#trace-colours")
                .<Spinner<Integer>>query()
                .getValueFactory()
                .setValue(4));
        onFx(() -> lookup("#trace-make").queryAs(Button.class).fire());
        calm();
        GroupElement traced = (GroupElement) only();
        assertThat(traced.children()).hasSizeBetween(2, 4);
        assertThat(bench.job().located(picture.id()).element().hidden()).isTrue();
        assertThat(boxOf(traced.id()).width())
                .isBetween(20.0, boxOf(picture.id()).width() + 1);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.job().located(picture.id()).element()).isSameAs(picture);
    }

    @Test
    void openLinesCountWithTheirWidthWhenThatIsChosen() throws Exception {
        Outline line = new OutlineBuilder().moveTo(60, 100).lineTo(120, 100).build();
        ShapeElement open = new ShapeElement(
                Traits.named("line").withId(new ElementId("line")),
                line,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 4)));
        onFx(() -> bench.perform(new Place(bench.sheet().id(), List.of(open, disc("disc", 90, 100, 10)), List.of())));
        onFx(() -> bench.select(List.of(open.id(), new ElementId("disc"))));
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        onFx(() -> lookup("#shapes-lines").queryAs(CheckBox.class).fire());
        onFx(() -> lookup("#tool-unite").queryAs(Button.class).fire());
        calm();
        assertThat(only().kind()).isEqualTo("shape");
        assertThat(boxOf(only().id()).width()).isBetween(59.9, 60.1);
        assertThat(((ShapeElement) only()).outline().contours()).isEqualTo(1);
    }

    @Test
    void anOutlineFillsWhileOneWatchesAndIsKeptAsItIsWhenStopped() throws Exception {
        dragFromShelf("crab", 60, 60);
        ElementId crab = only().id();
        onFx(() -> bench.perform(new Place(bench.sheet().id(), List.of(disc("pond", 110, 150, 45)), List.of())));
        onFx(() -> bench.select(List.of(crab, new ElementId("pond"))));
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        onFx(() -> lookup("#filling-from").<TextField>query().setText("10 mm"));
        onFx(() -> lookup("#filling-to").<TextField>query().setText("20 mm"));
        Job before = bench.job();
        onFx(() -> lookup("#filling-make").queryAs(Button.class).fire());
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> lookup("#keep")
                .queryAs(Button.class)
                .isVisible());
        assertThat(bench.job()).isSameAs(before);
        onFx(() -> lookup("#keep").queryAs(Button.class).fire());
        calm();
        GroupElement filling = (GroupElement) only();
        assertThat(filling.children()).hasSizeGreaterThan(8);
        Link.Filling how = (Link.Filling) filling.traits().link().orElseThrow();
        assertThat(how.drawings()).containsExactly(crab);
        assertThat(how.shape().rounds()).isLessThan(FillingShape.USUAL.rounds());
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.job()).isSameAs(before);
    }

    @Test
    void aBackdropIsClearedBrushedAndShownWholeAgain() throws Exception {
        dragFromShelf("sea-wash", 100, 100);
        ElementId id = only().id();
        PictureElement whole = (PictureElement) only();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        onFx(() -> lookup("#backdrop-tool")
                .<ChoiceBox<Object>>query()
                .getSelectionModel()
                .selectLast());
        Box box = boxOf(id);
        Point middle = box.centre();
        moveTo(screen(middle));
        press(MouseButton.PRIMARY);
        moveTo(screen(new Point(middle.x() + box.width() / 6, middle.y())));
        release(MouseButton.PRIMARY);
        calm();
        PictureElement brushed = (PictureElement) bench.job().located(id).element();
        BackdropShape how = brushed.cleared().orElseThrow().how();
        assertThat(how.strokes()).hasSize(1);
        assertThat(how.strokes().getFirst().keep()).isFalse();
        assertThat(how.strokes().getFirst().points().getFirst().x()).isBetween(0.45, 0.55);
        assertThat(bench.job()
                                .media()
                                .get(brushed.media())
                                .pixels()
                                .getRGB(
                                        bench.job().media().get(brushed.media()).width() / 2,
                                        bench.job().media().get(brushed.media()).height() / 2)
                        >>> 24)
                .isZero();
        onFx(() -> lookup("#backdrop-restore").queryAs(Button.class).fire());
        assertThat(bench.job().located(id).element()).isEqualTo(whole);
    }

    private static ShapeElement disc(String id, double x, double y, double r) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)),
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }
}

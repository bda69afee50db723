package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.desktop.app.MadeShapes.disc;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import rondel.compose.arrange.Place;
import rondel.compose.arrange.SetRole;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.pieces.Part;

/** The Lines stage: what will be made, what is found, and the tools that make outlines and pieces. */
class LinesWindowTest extends BenchFixture {

    private void open(String demo) throws Exception {
        openDemo(demo);
        calm();
        keys(KeyCode.SHORTCUT, KeyCode.F2);
        calm();
    }

    private List<Part> parts() {
        return List.copyOf(lookup("#parts").<ListView<Part>>query().getItems());
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
    void rolesAreGivenByKeyByButtonAndByLook() throws Exception {
        open("boat-boxes");
        onFx(() -> bench.select(List.of(bench.sheet().elements().getFirst().id())));
        run("role-SCORE");
        assertThat(only().children()).allMatch(e -> e.role() == Role.SCORE);
        clickOn("#part-roles");
        clickOn("#tool-role-KISS_CUT");
        assertThat(only().children()).allMatch(e -> e.role() == Role.KISS_CUT);
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
}

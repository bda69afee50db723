package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.desktop.app.MadeShapes.disc;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import rondel.compose.arrange.Place;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.check.Finding;

/** Halos in the Lines stage: seen, made, adjusted, kept apart. */
class HalosWindowTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
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
        assertThat(lookup("#halo-make").queryAs(Button.class).getText()).isEqualTo("Adjust halo");
        onFx(() -> lookup("#halo-distance").<TextField>query().setText("1 mm"));
        onFx(() -> lookup("#halo-make").queryAs(Button.class).fire());
        calm();
        assertThat(boxOf(halo).x()).isGreaterThan(around.x() + 2.5);
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(lookup("#halo-distance").<TextField>query().getText()).isEqualTo("0.157 in");
        onFx(() -> bench.select(List.of(crab)));
        assertThat(lookup("#halo-make").queryAs(Button.class).getText()).isEqualTo("Make halo");
        keys(KeyCode.RIGHT);
        assertThat(boxOf(halo).x()).isGreaterThan(around.x());
        onFx(() -> bench.select(List.of(halo)));
        run("unlink");
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
        run("smoothForBlade");
        calm();
        assertThat(findings()).extracting(Finding::code).doesNotContain("spikes");
    }
}

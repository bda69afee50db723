package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.desktop.app.MadeShapes.disc;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import rondel.compose.arrange.Place;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;

/** Outlines filled in the Lines stage. */
class FillingWindowTest extends BenchFixture {

    @Override
    boolean hasStarterShelf() {
        return true;
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
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> lookup("#keep").tryQuery().isPresent());
        assertThat(bench.job()).isSameAs(before);
        onFx(() -> lookup("#keep").queryAs(Button.class).fire());
        calm();
        GroupElement filling = (GroupElement) only();
        assertThat(filling.children()).hasSizeGreaterThan(8);
        Link.Filling how = (Link.Filling) filling.traits().link().orElseThrow();
        assertThat(how.drawings()).containsExactly(crab);
        assertThat(how.settings().rounds()).isLessThan(FillingSettings.USUAL.rounds());
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.job()).isSameAs(before);
    }
}

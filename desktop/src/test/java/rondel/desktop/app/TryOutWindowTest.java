package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import rondel.catalogue.SampleJob;
import rondel.compose.tryout.TryOuts;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.GroupElement;

/** Alternatives for one place, corners and borders in the real window. */
class TryOutWindowTest extends BenchFixture {

    @BeforeEach
    void theSample() throws Exception {
        calm();
        onFx(() -> bench.open(SampleJob.make(), Optional.empty()));
        calm();
    }

    private int shown() {
        return TryOuts.shown((GroupElement) only());
    }

    @Test
    void keysFlipThroughAlternativesAndSideBySideChoosesOne() throws Exception {
        select("leaf", "stem", "cluster");
        run("tryOut");
        assertThat(shown()).isEqualTo(2);
        keys(KeyCode.PERIOD);
        assertThat(shown()).isZero();
        keys(KeyCode.COMMA);
        assertThat(shown()).isEqualTo(2);
        answers.alternative = Optional.of(1);
        run("trySideBySide");
        WaitForAsyncUtils.waitFor(20, java.util.concurrent.TimeUnit.SECONDS, () -> answers.compared == 3);
        calm();
        assertThat(shown()).isEqualTo(1);
        onFx(() -> window.commands().get("trySettle").run());
        assertThat(only().id()).isEqualTo(new ElementId("stem"));
        assertThat(bench.job().find(new ElementId("leaf"))).isEmpty();
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(bench.job().find(new ElementId("leaf"))).isPresent();
    }

    @Test
    void aCornerMirrorsAndAStripRepeats() throws Exception {
        select("leaf");
        run("mirrorToCorners");
        assertThat(bench.selectedIds()).hasSize(4);
        List<ElementId> corners = bench.selectedIds();
        onFx(() -> bench.select(corners.subList(1, 2)));
        Box last = boxOf(corners.get(3));
        keys(KeyCode.DOWN);
        assertThat(boxOf(corners.get(3)).y()).isNotEqualTo(last.y());
        assertThat(lookup("#alike").queryAs(javafx.scene.control.Labeled.class).getText())
                .contains("3");
        clickOn("#do-unlink");
        Box free = boxOf(corners.get(3));
        keys(KeyCode.DOWN);
        assertThat(boxOf(corners.get(3))).isEqualTo(free);
        select("leaf");
        answers.mirror = form -> new MirrorForm(MirrorForm.Corners.BOX, new Box(0, 0, 100, 100), false);
        run("mirrorToCorners");
        assertThat(bench.selectedIds().stream()
                        .map(this::boxOf)
                        .mapToDouble(Box::right)
                        .max()
                        .orElseThrow())
                .isCloseTo(100 - boxOf(new ElementId("leaf")).x(), within(1e-9));
        select("stem");
        answers.repeat = Optional.of(new RepeatForm(Axis.HORIZONTAL, 0, 0, 0, 1, 0.1));
        run("repeatAlong");
        List<Box> row = bench.selectedIds().stream().map(this::boxOf).toList();
        assertThat(row.stream().mapToDouble(Box::x).min().orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(row.stream().mapToDouble(Box::right).max().orElseThrow()).isCloseTo(304.8, within(1e-9));
    }
}

package rondel.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Restack;
import rondel.compose.shadow.SetShadow;
import rondel.compose.sheets.SetTitle;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Shadow;
import rondel.operation.Operation;

/** Which part of a sheet has to be painted again after an edit. */
class SheetSceneTest {

    private static final List<ElementId> LEAF = List.of(new ElementId("leaf"));
    private static final Box LEAF_BOX = new Box(10, 10, 20, 20);

    private final Job job = SampleJob.make();

    private static SheetScene scene(Job job) {
        return SheetScene.of(job, job.sheets().getFirst());
    }

    private Optional<Box> changed(Operation operation) {
        return scene(operation.apply(job)).changedSince(scene(job));
    }

    @Test
    void aMoveTouchesWhereAThingWasAndWhereItIs() {
        Box dirty = changed(new Move(LEAF, 40, 0)).orElseThrow();
        assertThat(dirty.contains(LEAF_BOX)).isTrue();
        assertThat(dirty.contains(LEAF_BOX.moved(40, 0))).isTrue();
        assertThat(dirty.right()).isLessThan(75);
    }

    @Test
    void aShadowReachesBeyondTheThing() {
        Shadow wide = new Shadow(10, 0, 10, rondel.job.Rgba.BLACK);
        Box dirty = changed(new SetShadow(LEAF, Optional.of(wide))).orElseThrow();
        assertThat(dirty.right()).isGreaterThan(LEAF_BOX.right() + 10 + wide.reach() - 1e-9);
    }

    @Test
    void whatDoesNotShowIsNotPaintedAgain() {
        assertThat(changed(new SetTitle("Other"))).isEmpty();
        assertThat(scene(job).changedSince(scene(job))).isEmpty();
    }

    @Test
    void anotherOrderTouchesEverything() {
        assertThat(changed(new Restack(LEAF, 99)).orElseThrow().contains(LEAF_BOX))
                .isTrue();
    }

    @Test
    void whatIsLiftedOffIsPaintedAgainWithoutIt() {
        SheetScene lifted = scene(job).leavingOut(Set.copyOf(LEAF));
        assertThat(lifted.changedSince(scene(job)).orElseThrow().contains(LEAF_BOX))
                .isTrue();
        assertThat(scene(job).changedSince(lifted).orElseThrow().contains(LEAF_BOX))
                .isTrue();
    }
}

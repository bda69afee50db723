package rondel.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.compose.snap.Snapper;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;

/** What dragging does to the sample's leaf, a square of 20 mm at (10, 10). */
class GesturesTest {

    private static final Gesture.Keys SHIFT = new Gesture.Keys(true, false, false);
    private static final Gesture.Keys ALT = new Gesture.Keys(false, true, false);
    private static final List<ElementId> LEAF = List.of(new ElementId("leaf"));
    private static final Extent.TurnedBox BOX = new Extent.TurnedBox(new Point(20, 20), 20, 20, 0);

    private final Job job = SampleJob.make();

    private Box after(Gesture gesture, Point pointer, Gesture.Keys keys) {
        Job done = gesture.finish(pointer, keys).orElseThrow().apply(job);
        Box box = Extent.onSheet(done.located(LEAF.getFirst())).orElseThrow();
        Box previewed = new Box(10, 10, 20, 20).transformed(gesture.preview(pointer, keys));
        assertThat(new Point(previewed.x(), previewed.y()).distanceTo(new Point(box.x(), box.y())))
                .as("the preview stands where the edit puts it")
                .isLessThan(1e-9);
        return box;
    }

    private static ResizeGesture resize(Anchor handle) {
        return new ResizeGesture(LEAF, BOX, handle, true, Optional.empty());
    }

    @Test
    void movingFollowsThePointerAndWithShiftOneAxisOnly() {
        MoveGesture move = new MoveGesture(LEAF, new Point(15, 15), Optional.empty());
        assertThat(after(move, new Point(18, 11), Gesture.Keys.NONE)).isEqualTo(new Box(13, 6, 20, 20));
        assertThat(after(move, new Point(18, 14), SHIFT)).isEqualTo(new Box(13, 10, 20, 20));
        assertThat(after(move, new Point(16, 25), SHIFT)).isEqualTo(new Box(10, 20, 20, 20));
        assertThat(move.finish(new Point(15, 15), Gesture.Keys.NONE)).isEmpty();
    }

    @Test
    void aCornerKeepsTheRatioUnlessShiftIsHeld() {
        Box kept = after(resize(Anchor.BOTTOM_RIGHT), new Point(50, 31), Gesture.Keys.NONE);
        assertThat(kept.width()).isCloseTo(40, within(1e-9));
        assertThat(kept.height()).isCloseTo(40, within(1e-9));
        Box free = after(resize(Anchor.BOTTOM_RIGHT), new Point(50, 31), SHIFT);
        assertThat(free.width()).isCloseTo(40, within(1e-9));
        assertThat(free.height()).isCloseTo(21, within(1e-9));
        assertThat(free.x()).isCloseTo(10, within(1e-9));
    }

    @Test
    void aCornerThatKeepsItsRatioHoldsToWhatIsBesideOrBelow() {
        Snapper near =
                new Snapper(List.of(new Box(60, 80, 30, 30)), job.sheets().getFirst());
        ResizeGesture resize = new ResizeGesture(
                LEAF, BOX, Anchor.BOTTOM_RIGHT, true, Optional.of(Snapping.of(() -> near, new Box(10, 10, 20, 20), 4)));
        Box beside = after(resize, new Point(59.2, 40), Gesture.Keys.NONE);
        assertThat(beside.right()).isCloseTo(60, within(1e-9));
        assertThat(beside.height()).isCloseTo(50, within(1e-9));
        assertThat(resize.lines(new Point(59.2, 40), Gesture.Keys.NONE)).hasSize(1);
        Box below = after(resize, new Point(20, 79.5), Gesture.Keys.NONE);
        assertThat(below.bottom()).isCloseTo(80, within(1e-9));
        assertThat(below.width()).isCloseTo(70, within(1e-9));
        Box free = after(resize, new Point(59.2, 40), new Gesture.Keys(false, false, true));
        assertThat(free.right()).isCloseTo(59.2, within(1e-9));
    }

    @Test
    void aSideSizesThatSideAloneAndAltSizesAboutTheMiddle() {
        Box left = after(resize(Anchor.LEFT), new Point(5, 99), Gesture.Keys.NONE);
        assertThat(left).satisfies(b -> {
            assertThat(b.x()).isCloseTo(5, within(1e-9));
            assertThat(b.right()).isCloseTo(30, within(1e-9));
            assertThat(b.height()).isCloseTo(20, within(1e-9));
        });
        Box middle = after(resize(Anchor.BOTTOM), new Point(0, 35), ALT);
        assertThat(middle.y()).isCloseTo(5, within(1e-9));
        assertThat(middle.bottom()).isCloseTo(35, within(1e-9));
    }

    @Test
    void aSizeNeverTurnsInsideOut() {
        Box least = after(resize(Anchor.BOTTOM_RIGHT), new Point(-40, -40), Gesture.Keys.NONE);
        assertThat(least.width()).isPositive().isLessThan(0.1);
        assertThat(least.x()).isCloseTo(10, within(1e-9));
    }

    @Test
    void aTurnedThingIsSizedAlongItsOwnSides() {
        Extent.TurnedBox turned = new Extent.TurnedBox(new Point(20, 20), 20, 10, 90);
        Gesture gesture = new ResizeGesture(LEAF, turned, Anchor.RIGHT, true, Optional.empty());
        Affine map = gesture.preview(new Point(20, 40), Gesture.Keys.NONE);
        assertThat(map.apply(20, 30).distanceTo(new Point(20, 40))).isLessThan(1e-9);
        assertThat(map.apply(20, 10).distanceTo(new Point(20, 10))).isLessThan(1e-9);
        assertThat(map.apply(25, 20).x()).isCloseTo(25, within(1e-9));
    }

    @Test
    void turningFollowsThePointerAndWithShiftStopsEveryFifteenDegrees() {
        TurnGesture turn = new TurnGesture(LEAF, BOX, new Point(40, 20));
        assertThat(turn.preview(new Point(20, 40), Gesture.Keys.NONE).rotation())
                .isCloseTo(90, within(1e-9));
        assertThat(turn.preview(new Point(40, 27), SHIFT).rotation()).isCloseTo(15, within(1e-9));
        assertThat(turn.finish(new Point(60, 20), Gesture.Keys.NONE)).isEmpty();
    }
}

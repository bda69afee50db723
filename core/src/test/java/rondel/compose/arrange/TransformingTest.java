package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.ids;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.words.Refusal;

class TransformingTest {

    private static final Affine ODD =
            Affine.translate(31, 7).times(Affine.rotate(23)).times(Affine.scale(1.7, 1.7));

    private static Resize resize(List<ElementId> ids, double width, Anchor anchor) {
        return new Resize(ids, OptionalDouble.of(width), OptionalDouble.empty(), true, anchor, Resize.Frame.SHEET);
    }

    @Test
    void aTypedWidthIsExactAndTheAnchorStays() {
        Job job = Jobs.of(box("a", 10, 20, 30, 40));
        for (Anchor anchor : Anchor.values()) {
            Job sized = resize(ids("a"), 69.85, anchor).apply(job);
            Box after = boxOf(sized, "a");
            assertThat(after.width()).isCloseTo(69.85, within(1e-9));
            assertThat(after.height()).isCloseTo(69.85 * 40 / 30, within(1e-9));
            assertThat(after.at(anchor).distanceTo(boxOf(job, "a").at(anchor))).isLessThan(1e-9);
        }
    }

    @Test
    void aThingDeepInTurnedAndScaledGroupsIsSizedAndMovedOnTheSheet() {
        Job job = Jobs.of(group("g", ODD, group("h", Affine.scale(0.3, 0.3), box("a", 0, 0, 30, 40))));
        Box before = boxOf(job, "a");
        Job moved = new Move(ids("a"), 12.7, -3).apply(job);
        assertThat(boxOf(moved, "a").x()).isCloseTo(before.x() + 12.7, within(1e-9));
        assertThat(boxOf(moved, "a").y()).isCloseTo(before.y() - 3, within(1e-9));
        Job sized = resize(ids("a"), 50, Anchor.BOTTOM_RIGHT).apply(job);
        assertThat(boxOf(sized, "a").width()).isCloseTo(50, within(1e-9));
        assertThat(boxOf(sized, "a").right()).isCloseTo(before.right(), within(1e-9));
    }

    @Test
    void aTurnedThingIsSizedAlongItsOwnSides() {
        Job turned = new Rotate(ids("a"), 30, Anchor.CENTRE).apply(Jobs.of(box("a", 10, 20, 30, 40)));
        Job wider = new Resize(
                        ids("a"), OptionalDouble.of(60), OptionalDouble.empty(), false, Anchor.CENTRE, Resize.Frame.OWN)
                .apply(turned);
        Located a = wider.located(Jobs.id("a"));
        Extent.TurnedBox own = Extent.turned(a.element(), a.toSheet(), 30).orElseThrow();
        assertThat(own.width()).isCloseTo(60, within(1e-9));
        assertThat(own.height()).isCloseTo(40, within(1e-9));
        assertThat(a.ownToSheet().rotation()).isCloseTo(30, within(1e-9));
    }

    @Test
    void severalThingsAreSizedAsOne() {
        Job job = Jobs.of(box("a", 0, 0, 10, 10), box("b", 30, 0, 10, 10));
        Job sized = resize(ids("a", "b"), 80, Anchor.TOP_LEFT).apply(job);
        assertThat(boxOf(sized, "b")).isEqualTo(new Box(60, 0, 20, 20));
    }

    @Test
    void ofTwoSidesWithTheRatioKeptTheWidthCounts() {
        Job sized = new Resize(
                        ids("a"),
                        OptionalDouble.of(60),
                        OptionalDouble.of(1000),
                        true,
                        Anchor.TOP_LEFT,
                        Resize.Frame.SHEET)
                .apply(Jobs.of(box("a", 0, 0, 30, 40)));
        assertThat(boxOf(sized, "a")).isEqualTo(new Box(0, 0, 60, 80));
    }

    @Test
    void sizesThatCannotBeAreRefused() {
        Job job = Jobs.of(box("a", 0, 0, 30, 40));
        for (double bad : new double[] {0, -5, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThatThrownBy(() -> resize(ids("a"), bad, Anchor.TOP).apply(job))
                    .isInstanceOf(Refusal.class);
        }
        assertThatThrownBy(() -> new Move(ids("a"), Double.NaN, 0).apply(job)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Move(ids("nobody"), 1, 0).apply(job))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("nobody");
        assertThatThrownBy(() -> new Move(List.of(), 1, 0).apply(job)).isInstanceOf(Refusal.class);
    }

    @Test
    void aLockedThingIsNotTouchedNorOneInALockedGroup() {
        Job job = new Lock(ids("g"), true).apply(Jobs.of(group("g", ODD, box("a", 0, 0, 30, 40))));
        assertThatThrownBy(() -> new Move(ids("a"), 1, 0).apply(job)).hasMessageContaining("“g” is locked");
        Job free = new Lock(ids("g"), false).apply(job);
        assertThat(new Move(ids("a"), 1, 0).apply(free)).isNotEqualTo(free);
    }

    @Test
    void flippingTwiceIsNothingAndTurnToIsAbsolute() {
        Job job = Jobs.of(group("g", ODD, box("a", 0, 0, 30, 40)), box("b", 90, 90, 5, 5));
        Job twice = new Flip(ids("g", "b"), Axis.HORIZONTAL).apply(new Flip(ids("g", "b"), Axis.HORIZONTAL).apply(job));
        assertThat(boxOf(twice, "a").centre().distanceTo(boxOf(job, "a").centre()))
                .isLessThan(1e-9);
        Job turned = new TurnTo(ids("g"), 37.5).apply(new TurnTo(ids("g"), -80).apply(job));
        assertThat(turned.located(Jobs.id("g")).ownToSheet().rotation()).isCloseTo(37.5, within(1e-9));
    }

    @Test
    void twoHundredRandomStepsAndTheirInversesComeBackWithinAMillionthOfAMillimetre() {
        Random random = new Random(42);
        Job job = Jobs.of(group("g", ODD, box("a", 0, 0, 30, 40), box("b", 50, 10, 12, 9)));
        Box start = boxOf(job, "b");
        java.util.ArrayDeque<Operation> inverses = new java.util.ArrayDeque<>();
        for (int i = 0; i < 200; i++) {
            double v = random.nextDouble(-40, 40);
            double w = random.nextDouble(-40, 40);
            double f = random.nextDouble(0.5, 2);
            double width = boxOf(job, "g").width();
            switch (random.nextInt(3)) {
                case 0 -> {
                    job = new Move(ids("g"), v, w).apply(job);
                    inverses.push(new Move(ids("g"), -v, -w));
                }
                case 1 -> {
                    job = new Rotate(ids("g"), v, Anchor.CENTRE).apply(job);
                    inverses.push(new Rotate(ids("g"), -v, Anchor.CENTRE));
                }
                default -> {
                    job = resize(ids("g"), Math.clamp(width * f, 5, 500), Anchor.TOP_LEFT)
                            .apply(job);
                    inverses.push(resize(ids("g"), width, Anchor.TOP_LEFT));
                }
            }
        }
        for (Operation inverse : inverses) {
            job = inverse.apply(job);
        }
        Box end = boxOf(job, "b");
        assertThat(new Point(end.x(), end.y()).distanceTo(new Point(start.x(), start.y())))
                .isLessThan(1e-6);
        assertThat(end.width()).isCloseTo(start.width(), within(1e-6));
    }

    /** Moves, scales and turns in any order, taken back in the opposite order. */
    @Test
    void twoHundredRandomStepsAndTheirInversesComeBack() {
        Random random = new Random(11);
        Job start = Jobs.of(
                Jobs.group("g", Affine.rotate(17), Jobs.box("a", 30, 40, 25, 10), Jobs.box("b", 70, 20, 12, 30)),
                Jobs.box("c", 120, 90, 40, 15));
        Job job = start;
        Deque<Operation> back = new ArrayDeque<>();
        for (int i = 0; i < 200; i++) {
            List<ElementId> one = Jobs.ids(List.of("g", "a", "b", "c").get(random.nextInt(4)));
            Operation step;
            switch (random.nextInt(3)) {
                case 0 -> {
                    double dx = random.nextDouble(-50, 50);
                    double dy = random.nextDouble(-50, 50);
                    step = new Move(one, dx, dy);
                    back.push(new Move(one, -dx, -dy));
                }
                case 1 -> {
                    double factor = random.nextDouble(0.5, 2);
                    step = new Scale(one, factor, factor, Anchor.CENTRE);
                    back.push(new Scale(one, 1 / factor, 1 / factor, Anchor.CENTRE));
                }
                default -> {
                    double angle = random.nextDouble(-180, 180);
                    step = new Rotate(one, angle, Anchor.CENTRE);
                    back.push(new Rotate(one, -angle, Anchor.CENTRE));
                }
            }
            job = step.apply(job);
        }
        while (!back.isEmpty()) {
            job = back.pop().apply(job);
        }
        for (String id : List.of("a", "b", "c")) {
            Box before = Jobs.boxOf(start, id);
            Box after = Jobs.boxOf(job, id);
            assertThat(after.x()).isCloseTo(before.x(), within(1e-6));
            assertThat(after.y()).isCloseTo(before.y(), within(1e-6));
            assertThat(after.width()).isCloseTo(before.width(), within(1e-6));
            assertThat(after.height()).isCloseTo(before.height(), within(1e-6));
        }
    }

    @Test
    void ofTwoSidesTheOneThatIsAnotherCountsWhereTheRatioIsKept() {
        Job job = Jobs.of(box("a", 10, 10, 40, 20));
        Job taller = new Resize(
                        ids("a"),
                        OptionalDouble.of(40),
                        OptionalDouble.of(30),
                        true,
                        Anchor.TOP_LEFT,
                        Resize.Frame.SHEET)
                .apply(job);
        assertThat(boxOf(taller, "a").height()).isCloseTo(30, within(1e-9));
        assertThat(boxOf(taller, "a").width()).isCloseTo(60, within(1e-9));
        Job wider = new Resize(
                        ids("a"),
                        OptionalDouble.of(60),
                        OptionalDouble.of(5),
                        true,
                        Anchor.TOP_LEFT,
                        Resize.Frame.SHEET)
                .apply(job);
        assertThat(boxOf(wider, "a").height()).isCloseTo(30, within(1e-9));
    }
}

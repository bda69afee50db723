package rondel.compose.spacing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Lock;
import rondel.compose.sheets.SetMargins;
import rondel.geometry.Affine;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

class SpacingTest {

    private static final Offset<Double> EXACT = within(1e-9);

    /** Three boxes on a sheet of 300 x 300. */
    private final Job job = Jobs.of(box("a", 10, 50, 20, 10), box("b", 100, 20, 30, 40), box("c", 55.5, 90, 10, 5.25));

    private static Align align(Edge edge, AlignTo to) {
        return new Align(ids("a", "b", "c"), edge, to, Optional.empty(), false);
    }

    @Test
    void everyEdgeLinesUpWithTheBoxAroundAll() {
        for (Edge edge : Edge.values()) {
            Job lined = align(edge, AlignTo.EACH_OTHER).apply(job);
            double target = edge.of(new Box(10, 20, 120, 75.25));
            for (String id : List.of("a", "b", "c")) {
                assertThat(edge.of(boxOf(lined, id))).as(edge + " of " + id).isCloseTo(target, EXACT);
                Axis still = edge.axis().other();
                assertThat(still.of(boxOf(lined, id)).low())
                        .isCloseTo(still.of(boxOf(job, id)).low(), EXACT);
            }
        }
    }

    @Test
    void aKeyElementStaysEvenWhereItIsLocked() {
        Job locked = new Lock(ids("b"), true).apply(job);
        Job lined = new Align(ids("a", "b", "c"), Edge.RIGHT, AlignTo.KEY, Optional.of(id("b")), false).apply(locked);
        assertThat(boxOf(lined, "b")).isEqualTo(boxOf(job, "b"));
        assertThat(boxOf(lined, "a").right()).isCloseTo(130, EXACT);
        assertThat(boxOf(lined, "c").right()).isCloseTo(130, EXACT);
        assertThatThrownBy(() -> new Align(ids("a"), Edge.TOP, AlignTo.KEY, Optional.empty(), false).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void theSheetAndItsSafeMarginAreEdgesToo() {
        Job margins = new SetMargins(Jobs.SHEET, 0, 12.7).apply(job);
        assertThat(boxOf(align(Edge.BOTTOM, AlignTo.SHEET).apply(margins), "c").bottom())
                .isCloseTo(300, EXACT);
        assertThat(boxOf(align(Edge.LEFT, AlignTo.SAFE_MARGIN).apply(margins), "c")
                        .x())
                .isCloseTo(12.7, EXACT);
    }

    @Test
    void everythingIsCentredAsOneThing() {
        Job centred = new Align(ids("a", "b", "c"), Edge.CENTRE, AlignTo.SHEET, Optional.empty(), true).apply(job);
        assertThat(boxOf(centred, "a").x()).isCloseTo(90, EXACT);
        assertThat(boxOf(centred, "b").x() - boxOf(centred, "a").x()).isCloseTo(90, EXACT);
    }

    @Test
    void inATurnedAndScaledGroupThingsLineUpOnTheSheet() {
        Affine turned = Affine.rotate(30).times(Affine.scale(2, 3));
        Job grouped =
                Jobs.of(group("g", turned, box("a", 50, 0, 4, 4), box("b", 60, 10, 8, 2), box("c", 52, 20, 3, 3)));
        Job lined = align(Edge.LEFT, AlignTo.GROUP).apply(grouped);
        double left = boxOf(grouped, "g").x();
        for (String id : List.of("a", "b", "c")) {
            assertThat(boxOf(lined, id).x()).isCloseTo(left, EXACT);
        }
        Job gaps = new SetGaps(ids("a", "b", "c"), Axis.VERTICAL, 1.25, Optional.empty()).apply(lined);
        List<Placed> column = Placed.along(Axis.VERTICAL, Placed.of(gaps, ids("a", "b", "c")));
        assertThat(column.get(1).box().y() - column.get(0).box().bottom()).isCloseTo(1.25, EXACT);
        assertThat(column.get(2).box().y() - column.get(1).box().bottom()).isCloseTo(1.25, EXACT);
    }

    @Test
    void centresOrGapsAreMadeEvenBetweenTheOutermostTwo() {
        Job centres = new EvenCentres(ids("a", "b", "c"), Axis.HORIZONTAL).apply(job);
        assertThat(boxOf(centres, "c").centre().x()).isCloseTo((20 + 115) / 2.0, EXACT);
        Job gaps = new EvenGaps(ids("a", "b", "c"), Axis.HORIZONTAL).apply(job);
        assertThat(boxOf(gaps, "c").x() - 30).isCloseTo(30, EXACT);
        assertThat(100 - boxOf(gaps, "c").right()).isCloseTo(30, EXACT);
        assertThat(boxOf(gaps, "a")).isEqualTo(boxOf(job, "a"));
        assertThatThrownBy(() -> new EvenGaps(ids("a", "b"), Axis.HORIZONTAL).apply(job))
                .hasMessageContaining("3");
    }

    @Test
    void anExactGapIsSetAlongARowFromTheFirstOrFromAKey() {
        Job first = new SetGaps(ids("a", "b", "c"), Axis.HORIZONTAL, 3.175, Optional.empty()).apply(job);
        assertThat(boxOf(first, "a").x()).isCloseTo(10, EXACT);
        assertThat(boxOf(first, "c").x()).isCloseTo(33.175, EXACT);
        assertThat(boxOf(first, "b").x()).isCloseTo(46.35, EXACT);
        Job key = new SetGaps(ids("a", "b", "c"), Axis.HORIZONTAL, 3.175, Optional.of(id("b"))).apply(job);
        assertThat(boxOf(key, "b").x()).isCloseTo(100, EXACT);
        assertThat(boxOf(key, "c").right()).isCloseTo(96.825, EXACT);
    }

    @Test
    void soManyAcrossThisWidthGivesTheGap() {
        Job spread = new SpreadAcross(ids("a", "b", "c"), Axis.HORIZONTAL, 12.7, 190.5).apply(job);
        assertThat(boxOf(spread, "a").x()).isCloseTo(12.7, EXACT);
        assertThat(boxOf(spread, "b").right()).isCloseTo(203.2, EXACT);
        double gap = (190.5 - 60) / 2;
        assertThat(boxOf(spread, "c").x() - boxOf(spread, "a").right()).isCloseTo(gap, EXACT);
        Job one = new SpreadAcross(ids("a"), Axis.HORIZONTAL, 0, 300).apply(job);
        assertThat(boxOf(one, "a").centre().x()).isCloseTo(150, EXACT);
        Job tight = new SpreadAcross(ids("a", "b"), Axis.HORIZONTAL, 0, 40).apply(job);
        assertThat(boxOf(tight, "b").x() - boxOf(tight, "a").right()).isCloseTo(-10, EXACT);
    }

    @Test
    void aGridHasExactGapsBetweenItsCellsInReadingOrder() {
        Job nine = Jobs.of(
                box("a", 0, 0, 10, 10),
                box("b", 33, 2, 20, 10),
                box("c", 71, 1, 10, 6),
                box("d", 2, 50, 10, 10),
                box("e", 40, 55, 10, 30));
        Job grid = new SetGrid(ids("e", "d", "c", "b", "a"), 3, 5, 7).apply(nine);
        assertThat(boxOf(grid, "a")).isEqualTo(new Box(0, 0, 10, 10));
        assertThat(boxOf(grid, "b").x()).isCloseTo(15, EXACT);
        assertThat(boxOf(grid, "c").x()).isCloseTo(40, EXACT);
        assertThat(boxOf(grid, "c").centre().y()).isCloseTo(5, EXACT);
        assertThat(boxOf(grid, "e").y()).isCloseTo(17, EXACT);
        assertThat(boxOf(grid, "d").centre().y()).isCloseTo(32, EXACT);
    }

    @Test
    void aGapIsTypedWhereItIs() {
        Job row = Jobs.of(
                box("left", 0, 0, 10, 10),
                box("own", 20, 0, 10, 10),
                box("right", 50, 0, 10, 10),
                box("far", 80, 3, 9, 9));
        Job own = new SetGap(ids("own"), Side.LEFT, 3.175, false).apply(row);
        assertThat(boxOf(own, "own").x()).isCloseTo(13.175, EXACT);
        Job towards = new SetGap(ids("own"), Side.RIGHT, 1, false).apply(row);
        assertThat(boxOf(towards, "own").right()).isCloseTo(49, EXACT);
        Job beyond = new SetGap(ids("own"), Side.RIGHT, 5, true).apply(row);
        assertThat(boxOf(beyond, "own").x()).isCloseTo(20, EXACT);
        assertThat(boxOf(beyond, "right").x()).isCloseTo(35, EXACT);
        assertThat(boxOf(beyond, "far").x()).isCloseTo(65, EXACT);
        assertThat(boxOf(beyond, "left").x()).isCloseTo(0, EXACT);
        Job edge = new SetGap(ids("own"), Side.BELOW, 25.4, false).apply(row);
        assertThat(boxOf(edge, "own").bottom()).isCloseTo(274.6, EXACT);
        assertThatThrownBy(() -> new SetGap(ids("far"), Side.RIGHT, 5, true).apply(row))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void anyTypedGapIsExactWhateverCameBefore() {
        Random random = new Random(7);
        for (int round = 0; round < 60; round++) {
            List<Element> all = new ArrayList<>();
            List<ElementId> names = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                all.add(box("e" + i, random.nextDouble(200), random.nextDouble(200), 1 + random.nextDouble(40), 9));
                names.add(id("e" + i));
            }
            Job start = Jobs.of(all.toArray(Element[]::new));
            double gap = random.nextDouble(-5, 30);
            Axis axis = Axis.values()[round % 2];
            Operation set = new SetGaps(names, axis, gap, Optional.of(names.get(round % 8)));
            List<Placed> row = Placed.along(axis, Placed.of(set.apply(start), names));
            if (gap > 0) {
                for (int i = 1; i < row.size(); i++) {
                    assertThat(row.get(i).span(axis).low()
                                    - row.get(i - 1).span(axis).high())
                            .isCloseTo(gap, EXACT);
                }
            }
            Side side = Side.values()[round % 4];
            List<ElementId> one = List.of(names.get(3));
            Job typed = new SetGap(one, side, 2.5, false).apply(start);
            Gaps.Gap before = Neighbourhood.of(start, one).gaps().on(side);
            double moved = side.axis().of(boxOf(typed, "e3")).low()
                    - side.axis().of(boxOf(start, "e3")).low();
            assertThat(Math.abs(moved)).isCloseTo(Math.abs(2.5 - before.distance()), EXACT);
        }
    }
}

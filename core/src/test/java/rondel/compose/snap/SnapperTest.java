package rondel.compose.snap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Guide;
import rondel.job.PlanId;
import rondel.job.PlannedSheet;
import rondel.job.Sheet;
import rondel.job.SheetId;

class SnapperTest {

    private static final double REACH = 1.5;

    private static final Sheet SHEET = Sheet.of(new SheetId("s"), "S", 300, 200)
            .withMargins(3, 6)
            .withGuides(List.of(new Guide(Axis.HORIZONTAL, 123.4), new Guide(Axis.VERTICAL, 55)));

    private static Snapper among(Box... others) {
        return new Snapper(List.of(others), SHEET);
    }

    private static Box snapped(Snapper snapper, Box moving) {
        Snap snap = snapper.box(moving, REACH);
        return moving.moved(snap.dx(), snap.dy());
    }

    @Test
    void edgesMeetEdgesAndMiddlesMeetMiddles() {
        Snapper near = among(new Box(50, 100, 30, 30));
        assertThat(snapped(near, new Box(79, 20, 10, 10)).x()).isEqualTo(80);
        assertThat(snapped(near, new Box(41.2, 20, 10, 10)).right()).isEqualTo(50);
        Box middle = snapped(near, new Box(56, 114, 20, 2.5));
        assertThat(middle.centre().y()).isEqualTo(115);
        assertThat(near.box(new Box(20, 20, 9, 9), REACH)).isEqualTo(Snap.NONE);
    }

    @Test
    void theLineDrawnReachesOverBothThings() {
        Snap snap = among(new Box(50, 100, 30, 30)).box(new Box(79, 20, 10, 10), REACH);
        assertThat(snap.lines())
                .containsExactly(
                        new Snap.Line(Snap.Kind.MEETS, Axis.HORIZONTAL, new Point(80, 20), new Point(80, 130)));
    }

    @Test
    void onStockWhatCanBeUsedHolds() {
        Sheet stock = Sheet.of(new SheetId("s"), "S", 300, 200)
                .withPlanned(Optional.of(new PlannedSheet(new PlanId("p"), 0, false, new Box(8, 12, 280, 180))));
        Snapper on = new Snapper(List.of(), stock);
        assertThat(snapped(on, new Box(9, 40, 20, 20)).x()).isEqualTo(8);
        assertThat(snapped(on, new Box(40, 171.5, 20, 20)).bottom()).isEqualTo(192);
    }

    @Test
    void guidesMarginsAndTheSheetItselfHold() {
        Snapper alone = among();
        assertThat(snapped(alone, new Box(122.5, 30, 5, 5)).x()).isEqualTo(123.4);
        assertThat(snapped(alone, new Box(30, 54.2, 5, 5)).y()).isEqualTo(55);
        assertThat(snapped(alone, new Box(7, 80, 5, 5)).x()).isEqualTo(6);
        assertThat(snapped(alone, new Box(295.9, 80, 3.5, 5)).right()).isEqualTo(300);
        assertThat(snapped(alone, new Box(141, 95.9, 20, 10)).centre()).isEqualTo(new Point(150, 100));
        assertThat(alone.box(new Box(122.5, 30, 5, 5), REACH).lines().getFirst().kind())
                .isEqualTo(Snap.Kind.SHEET);
    }

    @Test
    void aThingStandsEvenlyBetweenTwoOrGoesOnARow() {
        Snapper row = among(new Box(20, 61, 10, 20), new Box(37, 62, 10, 20), new Box(200, 60, 10, 20));
        Box next = snapped(row, new Box(54.6, 66.1, 12.2, 11));
        assertThat(next.x()).isCloseTo(54, within(1e-12));
        Snap snap = row.box(new Box(54.6, 66.1, 12.2, 11), REACH);
        assertThat(snap.lines().stream().filter(l -> l.kind() == Snap.Kind.EQUAL_GAP))
                .hasSize(2)
                .allSatisfy(l -> assertThat(l.to().x() - l.from().x()).isCloseTo(7, within(1e-9)));
        Box between = snapped(row, new Box(113.5, 66.1, 21.5, 11));
        assertThat(between.x() - 47).isCloseTo(200 - between.right(), within(1e-9));
    }

    @Test
    void aPointSnapsToEdgesAsAHandleDoes() {
        Snap snap = among(new Box(50, 100, 30, 30)).point(new Point(81, 54), REACH);
        assertThat(snap.dx()).isEqualTo(-1);
        assertThat(snap.dy()).isEqualTo(1);
    }

    /** Whatever lies around, a snap never moves farther than its reach and always ends on something. */
    @Test
    void amongManyASnapStaysWithinReachAndStandsStillOnceThere() {
        Random random = new Random(3);
        List<Box> many = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            many.add(new Box(random.nextDouble(280), random.nextDouble(180), 2 + random.nextDouble(12), 3));
        }
        Snapper snapper = new Snapper(many, SHEET);
        for (int i = 0; i < 400; i++) {
            Box moving = new Box(random.nextDouble(280), random.nextDouble(180), 7, 5);
            Snap snap = snapper.box(moving, 0.2);
            assertThat(Math.abs(snap.dx())).isLessThanOrEqualTo(0.2);
            assertThat(Math.abs(snap.dy())).isLessThanOrEqualTo(0.2);
            Snap again = snapper.box(moving.moved(snap.dx(), snap.dy()), 1e-6);
            assertThat(Math.abs(again.dx()) + Math.abs(again.dy())).isLessThan(1e-9);
            assertThat(again.lines().isEmpty()).isEqualTo(snap.lines().isEmpty());
        }
    }
}

package rondel.compose.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.outline.OutlinePoints.OutlinePoint;
import rondel.compose.outline.PenPath.Knot;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.units.LengthUnit;

/** Outlines drawn with the pen, and their points on the sheet. */
class PenPathTest {

    private static Knot corner(double x, double y) {
        return new Knot(new Point(x, y), Optional.empty());
    }

    private static Knot curve(double x, double y, double hx, double hy) {
        return new Knot(new Point(x, y), Optional.of(new Point(hx, hy)));
    }

    private static Job drawn(PenPath path, boolean closed) {
        Job blank = Job.blank("Test", LengthUnit.MM, 100, 100);
        return new AddOutline(
                        blank.sheets().getFirst().id(),
                        path.outline(closed),
                        "Own",
                        Paint.NONE,
                        Optional.empty(),
                        Role.KISS_CUT)
                .apply(blank);
    }

    @Test
    void cornersAreJoinedByStraightLinesAndSmoothPointsByCurves() {
        PenPath path = PenPath.EMPTY.plus(corner(10, 10)).plus(corner(40, 10)).plus(curve(40, 40, 30, 50));
        Contour c = Contour.of(path.outline(true)).getFirst();
        assertThat(c.closed()).isTrue();
        assertThat(c.segments().stream().map(Bezier::order)).containsExactly(1, 3, 3);
        assertThat(c.segments().get(1).control(2)).isEqualTo(new Point(50, 30));
        assertThat(c.segments().get(2).control(1)).isEqualTo(new Point(30, 50));
    }

    @Test
    void thePointSetLastCanBeTakenBack() {
        PenPath path = PenPath.EMPTY.plus(corner(0, 0)).plus(corner(5, 0));
        assertThat(path.without().without().without()).isEqualTo(PenPath.EMPTY);
        assertThat(path.isEnough(false)).isTrue();
        assertThat(path.isEnough(true)).isFalse();
    }

    @Test
    void pointsAreToldAsTheyLieOnTheSheetAndAsTheyGoThrough() {
        Job job = drawn(
                PenPath.EMPTY.plus(corner(10, 10)).plus(curve(40, 40, 50, 40)).plus(corner(70, 10)), false);
        OutlinePoints points = OutlinePoints.of(
                job, job.sheets().getFirst().elements().getFirst().id());
        assertThat(points.all().stream().map(OutlinePoint::at))
                .containsExactly(new Point(10, 10), new Point(40, 40), new Point(70, 10));
        assertThat(points.all().stream().map(OutlinePoint::smooth)).containsExactly(false, true, false);
        assertThat(points.all().get(1).out().orElseThrow().at()).isEqualTo(new Point(50, 40));
        assertThat(points.isClosed(points.all().getFirst())).isFalse();
    }

    @Test
    void theNearestPlaceIsWhereAPointGoesWithoutAnyChange() {
        Job job = drawn(
                PenPath.EMPTY.plus(corner(0, 0)).plus(curve(40, 30, 60, 30)).plus(corner(80, 0)), true);
        var id = job.sheets().getFirst().elements().getFirst().id();
        OutlinePoints.Place place =
                OutlinePoints.of(job, id).nearest(new Point(20, 24)).orElseThrow();
        Job after = new AddPoint(id, place.contour(), place.segment(), place.at()).apply(job);
        OutlinePoints points = OutlinePoints.of(after, id);
        assertThat(points.all()).hasSize(4);
        assertThat(points.all().get(place.segment() + 1).at().distanceTo(place.point()))
                .isCloseTo(0, within(1e-9));
        assertThat(after.located(id).element().role()).isEqualTo(Role.KISS_CUT);
    }

    @Test
    void ofSeveralOpenLinesTheTwoWithTheNearestEndsAreJoined() {
        PenPath line = PenPath.EMPTY
                .plus(corner(0, 0))
                .plus(corner(10, 0))
                .plus(corner(20, 0))
                .plus(corner(30, 0));
        Job job = drawn(line, false);
        var id = job.sheets().getFirst().elements().getFirst().id();
        assertThat(OutlinePoints.of(job, id).nearestOpen()).isEmpty();
        Job split = new SplitOutline(id, 0, 1, java.util.OptionalInt.empty()).apply(job);
        int[] two = OutlinePoints.of(split, id).nearestOpen().orElseThrow();
        assertThat(List.of(two[0], two[1])).containsExactly(0, 1);
    }
}

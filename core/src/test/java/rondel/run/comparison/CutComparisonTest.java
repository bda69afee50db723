package rondel.run.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.geometry.shape.OvalShape;

class CutComparisonTest {

    private static final List<Contour> SQUARE = Contour.of(Outline.rectangle(new Box(10, 10, 40, 40)));
    private static final List<Point> CUT =
            List.of(new Point(10, 10), new Point(50, 10), new Point(50, 50), new Point(10, 50), new Point(10, 10));

    private static CutComparison compared(List<Point> cut) {
        return CutComparison.of(SQUARE, UnaryOperator.identity(), List.of(cut));
    }

    @Test
    void whatIsCutAsItWasDrawnIsNowhereOff() {
        CutComparison exact = compared(CUT);
        assertThat(exact.largest()).isLessThan(1e-9);
        assertThat(exact.open()).isZero();
        assertThat(exact.rounded()).isEmpty();
    }

    @Test
    void aCutThatIsShiftedIsOffByTheShift() {
        List<Point> shifted =
                CUT.stream().map(p -> new Point(p.x() + 0.3, p.y())).toList();
        CutComparison off = compared(shifted);
        assertThat(off.largest()).isCloseTo(0.3, within(1e-9));
        assertThat(off.mean()).isBetween(0.14, 0.16);
        CutComparison asItLies = CutComparison.of(SQUARE, p -> new Point(p.x() + 0.3, p.y()), List.of(shifted));
        assertThat(asItLies.largest()).isLessThan(1e-9);
    }

    @Test
    void aCornerThatIsCutOffIsNamed() {
        double r = 1;
        List<Point> round = new ArrayList<>(List.of(new Point(10, 10), new Point(50 - r, 10), new Point(50, 10 + r)));
        round.addAll(CUT.subList(2, CUT.size()));
        CutComparison found = compared(round);
        assertThat(found.rounded()).containsExactly(new Point(50, 10));
        assertThat(found.largest()).isCloseTo(r / Math.sqrt(2), within(1e-9));
        assertThat(found.worst().distanceTo(new Point(50, 10))).isLessThan(1e-9);
    }

    @Test
    void aLineThatIsNotCutToItsEndStaysOpen() {
        List<Point> gap = new ArrayList<>(CUT.subList(0, 4));
        gap.add(new Point(10, 13));
        CutComparison found = compared(gap);
        assertThat(found.open()).isEqualTo(1);
        assertThat(found.largest()).isCloseTo(1.5, within(0.2));
    }

    @Test
    void aCutWhereNothingWasDrawnCountsToo() {
        List<List<Point>> cut = List.of(CUT, List.of(new Point(60, 20), new Point(75, 20)));
        CutComparison found = CutComparison.of(SQUARE, UnaryOperator.identity(), cut);
        assertThat(found.largest()).isCloseTo(25, within(1e-9));
        assertThat(found.mean()).isLessThan(1e-9);
        assertThat(found.worst()).isEqualTo(new Point(75, 20));
    }

    @Test
    void curvesAreComparedAsTheCurvesThatTheyAre() {
        List<Contour> disc = Contour.of(OvalShape.of(40, 40).outline());
        List<Point> cut = new ArrayList<>();
        for (int i = 0; i <= 720; i++) {
            double a = Math.PI * i / 360;
            cut.add(new Point(20 + 20 * Math.cos(a), 20 + 20 * Math.sin(a)));
        }
        CutComparison found = CutComparison.of(disc, UnaryOperator.identity(), List.of(cut));
        assertThat(found.largest()).isLessThan(0.01);
        assertThat(found.rounded()).isEmpty();
    }

    @Test
    void nothingToCutIsDoneAndNothingCutIsAllMissing() {
        assertThat(CutComparison.of(List.of(), UnaryOperator.identity(), List.of(CUT))
                        .largest())
                .isZero();
        CutComparison none = CutComparison.of(SQUARE, UnaryOperator.identity(), List.of());
        assertThat(none.largest()).isInfinite();
        assertThat(none.open()).isEqualTo(1);
    }
}

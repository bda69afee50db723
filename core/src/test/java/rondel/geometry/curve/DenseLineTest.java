package rondel.geometry.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;

/** A square of side 4 with a point a unit, closed, and an angle that is open. */
class DenseLineTest {

    private static final DenseLine SQUARE = new DenseLine(square(), true);
    private static final DenseLine ANGLE = new DenseLine(
            List.of(new Point(0, 0), new Point(2, 0), new Point(4, 0), new Point(4, 3), new Point(4, 6)), false);

    private static List<Point> square() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            points.add(new Point(i, 0));
        }
        for (int i = 0; i < 4; i++) {
            points.add(new Point(4, i));
        }
        for (int i = 0; i < 4; i++) {
            points.add(new Point(4 - i, 4));
        }
        for (int i = 0; i < 4; i++) {
            points.add(new Point(0, 4 - i));
        }
        return points;
    }

    private static void isAbout(Point p, double x, double y) {
        assertThat(p.distanceTo(new Point(x, y))).as(p + " for " + x + ", " + y).isLessThan(1e-12);
    }

    @Test
    void lengthsRunOnRoundAClosedLine() {
        assertThat(SQUARE.length(0, 4)).isEqualTo(4);
        assertThat(SQUARE.length(14, 18)).isEqualTo(4);
        assertThat(SQUARE.length(3, 19)).isEqualTo(16);
        assertThat(SQUARE.at(17)).isEqualTo(new Point(1, 0));
        assertThat(ANGLE.length(1, 4)).isEqualTo(8);
        assertThat(ANGLE.parameters(1, 4)).containsExactly(0, 0.25, 0.625, 1);
        assertThat(SQUARE.parameters(14, 18)).containsExactly(0, 0.25, 0.5, 0.75, 1);
    }

    @Test
    void directionsAreThoseAlongTheLine() {
        isAbout(SQUARE.ahead(0, 2.5), 1, 0);
        isAbout(SQUARE.behind(0, 2.5), 0, 1);
        isAbout(SQUARE.tangent(4, 1), Math.sqrt(0.5), Math.sqrt(0.5));
        isAbout(SQUARE.tangent(2, 1.5), 1, 0);
        isAbout(SQUARE.ahead(2, 4), 1 / Math.sqrt(2), 1 / Math.sqrt(2));
        isAbout(ANGLE.ahead(3, 100), 0, 1);
        isAbout(ANGLE.behind(1, 100), -1, 0);
        isAbout(ANGLE.behind(3, 1.5), 0, -1);
    }

    @Test
    void turnsAreMeasuredOverAReach() {
        assertThat(SQUARE.turn(4, 1)).isCloseTo(Math.PI / 2, within(1e-12));
        assertThat(SQUARE.turn(2, 1)).isCloseTo(0, within(1e-12));
        assertThat(SQUARE.turn(0, 1)).as("over the seam").isCloseTo(Math.PI / 2, within(1e-12));
        assertThat(SQUARE.turn(3, 2)).isCloseTo(Math.PI / 4, within(1e-12));
        assertThat(ANGLE.turn(2, 2)).isCloseTo(Math.PI / 2, within(1e-12));
    }

    @Test
    void onlyTheSharpestOfNeighboursIsACorner() {
        double[] turns = new double[16];
        turns[3] = 0.6;
        turns[4] = 1;
        turns[5] = 0.6;
        turns[15] = 0.9;
        turns[0] = 0.9;
        assertThat(SQUARE.isSharpest(4, turns, 1.5)).isTrue();
        assertThat(SQUARE.isSharpest(3, turns, 1.5)).isFalse();
        assertThat(SQUARE.isSharpest(5, turns, 1.5)).isFalse();
        assertThat(SQUARE.isSharpest(3, turns, 0.5))
                .as("alone within its reach")
                .isTrue();
        assertThat(SQUARE.isSharpest(15, turns, 1.5))
                .as("the first of two alike")
                .isTrue();
        assertThat(SQUARE.isSharpest(0, turns, 1.5)).isFalse();
        assertThat(ANGLE.isSharpest(0, new double[] {1, 0, 0, 0, 2}, 3))
                .as("no seam in an open line")
                .isTrue();
        assertThat(ANGLE.isSharpest(0, new double[] {1, 0, 0, 0, 2}, 11)).isFalse();
    }

    @Test
    void aCornerThatWasRoundedIsSharpAgain() {
        List<Point> rounded = new ArrayList<>(square());
        rounded.set(4, new Point(3.8, 0.2));
        DenseLine sharp = new DenseLine(rounded, true).sharpened(List.of(4), 2, 0.5);
        isAbout(sharp.at(4), 4, 0);
        isAbout(sharp.at(3), 3, 0);
        assertThat(new DenseLine(rounded, true).sharpened(List.of(4), 2, 0.1).at(4))
                .as("no farther than it may be")
                .isEqualTo(new Point(3.8, 0.2));
        assertThat(SQUARE.sharpened(List.of(2), 2, 0.5).at(2)).as("straight on").isEqualTo(new Point(2, 0));
        assertThat(SQUARE.sharpened(List.of(), 2, 0.5)).isSameAs(SQUARE);
    }
}

package rondel.run.registration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;

class LinearSystemTest {

    @Test
    void theUnknownsSolveEveryEquationAlsoWhereTheFirstPivotIsNothing() {
        Random random = new Random(7);
        for (int n = 1; n <= 12; n++) {
            double[][] m = new double[n][n];
            double[] right = new double[n];
            for (int i = 0; i < n; i++) {
                right[i] = random.nextDouble(-10, 10);
                for (int j = 0; j < n; j++) {
                    m[i][j] = i == j && n > 1 ? 0 : random.nextDouble(-5, 5);
                }
            }
            double[] x = LinearSystem.solved(m, right);
            for (int i = 0; i < n; i++) {
                double sum = 0;
                for (int j = 0; j < n; j++) {
                    sum += m[i][j] * x[j];
                }
                assertThat(sum).isCloseTo(right[i], within(1e-9));
            }
        }
    }

    @Test
    void whatCannotBeToldIsNoNumber() {
        double[] x = LinearSystem.solved(new double[][] {{1, 2}, {2, 4}}, new double[] {3, 7});
        assertThat(x[0]).matches(v -> !Double.isFinite(v));
    }

    @Test
    void aHomographyTakesFourPointsWhereTheyBelongAndKeepsLinesStraight() {
        List<Point> from = List.of(new Point(0, 0), new Point(100, 0), new Point(100, 50), new Point(0, 50));
        List<Point> to = List.of(new Point(12, 8), new Point(210, 30), new Point(190, 140), new Point(3, 99));
        Homography map = Homography.of(from, to);
        for (int i = 0; i < 4; i++) {
            assertThat(map.apply(from.get(i)).distanceTo(to.get(i))).isLessThan(1e-9);
        }
        Point a = map.apply(new Point(10, 10));
        Point b = map.apply(new Point(35, 22));
        Point c = map.apply(new Point(60, 34));
        double bent = (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
        assertThat(bent).isCloseTo(0, within(1e-6));
        assertThat(map.mirrorsAt(new Point(50, 25))).isFalse();
        assertThat(Homography.IDENTITY.scaleAt(new Point(3, 4))).isEqualTo(1);
    }
}

package rondel.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.PathIterator;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OutlineTest {

    private static Outline circle(double r) {
        return new OutlineBuilder()
                .moveTo(r, 0)
                .arcTo(r, r, 0, false, true, -r, 0)
                .arcTo(r, r, 0, false, true, r, 0)
                .close()
                .build();
    }

    @Test
    void theBoxOfACircleIsItsDiameterWhateverItsTurn() {
        for (double turn : new double[] {0, 17, 45, 90, 123.4}) {
            Box box = circle(50).bounds(Affine.rotate(turn)).orElseThrow();
            assertThat(box.width()).isCloseTo(100, within(1e-3));
            assertThat(box.height()).isCloseTo(100, within(1e-3));
        }
    }

    @Test
    void arcsStayWithinFiveMillionthsOfTheRadius() {
        double worst = 0;
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator it = circle(100).iterator(null, FillRule.NON_ZERO); !it.isDone(); it.next()) {
            int type = it.currentSegment(c);
            for (double t = 0.05; type == PathIterator.SEG_CUBICTO && t < 1; t += 0.05) {
                double u = 1 - t;
                double px = u * u * u * x + 3 * u * u * t * c[0] + 3 * u * t * t * c[2] + t * t * t * c[4];
                double py = u * u * u * y + 3 * u * u * t * c[1] + 3 * u * t * t * c[3] + t * t * t * c[5];
                worst = Math.max(worst, Math.abs(Math.hypot(px, py) - 100));
            }
            int end = type == PathIterator.SEG_CUBICTO ? 4 : 0;
            x = type == PathIterator.SEG_CLOSE ? x : c[end];
            y = type == PathIterator.SEG_CLOSE ? y : c[end + 1];
        }
        assertThat(worst).isLessThan(100 * 5e-6);
    }

    @Test
    void boundsFollowTheCurveNotItsControlPoints() {
        Outline arch =
                new OutlineBuilder().moveTo(0, 0).cubicTo(0, 40, 30, 40, 30, 0).build();
        assertThat(arch.bounds()).contains(new Box(0, 0, 30, 30));
        Outline bow = new OutlineBuilder().moveTo(0, 0).quadTo(10, 20, 20, 0).build();
        assertThat(bow.bounds()).contains(new Box(0, 0, 20, 10));
    }

    @Test
    void exactBoundsAgreeWithAFineSampling() {
        Random random = new Random(7);
        for (int n = 0; n < 200; n++) {
            double[] p = random.doubles(8, -50, 50).toArray();
            Outline curve = new OutlineBuilder()
                    .moveTo(p[0], p[1])
                    .cubicTo(p[2], p[3], p[4], p[5], p[6], p[7])
                    .build();
            Affine map = Affine.rotate(random.nextDouble(360)).times(Affine.scale(2, 0.5));
            Box box = curve.bounds(map).orElseThrow();
            double left = Double.MAX_VALUE;
            double bottom = -Double.MAX_VALUE;
            for (int i = 0; i <= 2000; i++) {
                double t = i / 2000.0;
                double u = 1 - t;
                double x = u * u * u * p[0] + 3 * u * u * t * p[2] + 3 * u * t * t * p[4] + t * t * t * p[6];
                double y = u * u * u * p[1] + 3 * u * u * t * p[3] + 3 * u * t * t * p[5] + t * t * t * p[7];
                Point q = map.apply(x, y);
                left = Math.min(left, q.x());
                bottom = Math.max(bottom, q.y());
            }
            assertThat(box.x()).isCloseTo(left, within(1e-3));
            assertThat(box.bottom()).isCloseTo(bottom, within(1e-3));
        }
    }

    @Test
    void coordinatesMustBeFinite() {
        OutlineBuilder builder = new OutlineBuilder().moveTo(0, 0).lineTo(Double.NaN, 1);
        assertThatThrownBy(builder::build).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aQuarterTurnIsExactAndFourComeBack() {
        Affine quarter = Affine.rotate(90, new Point(12.7, 3.1));
        Point p = new Point(5, 6);
        Point back = quarter.apply(quarter.apply(quarter.apply(quarter.apply(p))));
        assertThat(back.distanceTo(p)).isLessThan(1e-12);
        assertThat(Affine.rotate(90)).isEqualTo(new Affine(0, 1, -1, 0, 0, 0));
    }

    @Test
    void aMirroredThingThatWasNotTurnedReadsNoTurn() {
        assertThat(Affine.scale(-1, 1).rotation()).isZero();
        assertThat(Affine.scale(1, -1).rotation()).isZero();
        assertThat(Affine.rotate(30).times(Affine.scale(-2, 2)).rotation()).isCloseTo(30, within(1e-9));
    }
}

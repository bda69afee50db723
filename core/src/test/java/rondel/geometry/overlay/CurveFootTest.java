package rondel.geometry.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;

/** The nearest place on a curve, and where two cross, held against looking everywhere. */
class CurveFootTest {

    private static final Bezier LINE = new Bezier(1, 2, 9, 8);
    private static final Bezier QUAD = new Bezier(0, 0, 5, 9, 10, 1);
    private static final Bezier CUBIC = new Bezier(0, 0, 3, 8, 7, -5, 10, 2);

    private static double nearest(Bezier curve, Point p) {
        double best = 0;
        for (int i = 1; i <= 20_000; i++) {
            double t = i / 20_000.0;
            best = curve.at(t).distanceTo(p) < curve.at(best).distanceTo(p) ? t : best;
        }
        return best;
    }

    @Test
    void isTheNearestPlaceOfAll() {
        Random random = new Random(4);
        for (Bezier curve : List.of(LINE, QUAD, CUBIC)) {
            for (int i = 0; i < 60; i++) {
                Point on = curve.at(random.nextDouble());
                Point p = on.plus(random.nextDouble() * 0.1 - 0.05, random.nextDouble() * 0.1 - 0.05);
                double wanted = nearest(curve, p);
                double found = CurveFoot.of(curve, p.x(), p.y(), 64);
                assertThat(found).isBetween(0.0, 1.0);
                assertThat(curve.at(found).distanceTo(p))
                        .as("%s from %s", p, curve)
                        .isCloseTo(curve.at(wanted).distanceTo(p), within(1e-4));
            }
        }
    }

    @Test
    void isExactForPlacesOnTheCurve() {
        for (Bezier curve : List.of(LINE, QUAD, CUBIC)) {
            for (double t : List.of(0.0, 0.13, 0.5, 0.77, 1.0)) {
                Point p = curve.at(t);
                assertThat(CurveFoot.of(curve, p.x(), p.y(), 16)).isCloseTo(t, within(1e-9));
                assertThat(CurveFoot.refined(curve, p.x(), p.y(), Math.min(1, t + 0.01)))
                        .isCloseTo(t, within(1e-6));
            }
        }
    }

    @Test
    void staysWhereItBeganWhereItWouldRunAway() {
        assertThat(CurveFoot.refined(CUBIC, 200, 300, 0.5)).isEqualTo(0.5);
        Bezier still = new Bezier(3, 3, 3, 3, 3, 3, 3, 3);
        assertThat(CurveFoot.refined(still, 4, 4, 0.3)).isEqualTo(0.3);
        assertThat(CurveFoot.of(LINE, -50, -50, 8)).isZero();
        assertThat(CurveFoot.of(LINE, 50, 50, 8)).isEqualTo(1);
    }

    @Test
    void crossingsAreExactOnBothCurves() {
        Bezier flat = new Bezier(0, 1.5, 10, 1.4);
        for (Bezier curve : List.of(QUAD, CUBIC)) {
            int found = 0;
            for (int i = 0; i < 400; i++) {
                double t = i / 400.0;
                boolean above = curve.at(t).y() > height(flat, curve.at(t).x());
                boolean aboveNext = curve.at(t + 1 / 400.0).y()
                        > height(flat, curve.at(t + 1 / 400.0).x());
                if (above == aboveNext) {
                    continue;
                }
                found++;
                CurveFoot.Crossing c =
                        CurveFoot.crossing(curve, t, flat, curve.at(t).x() / 10, 0.5);
                assertThat(c).isNotNull();
                assertThat(c.t()).isBetween(t - 1e-9, t + 1 / 400.0 + 1e-9);
                assertThat(curve.at(c.t()).distanceTo(c.place())).isLessThan(1e-12);
                assertThat(flat.at(c.u()).distanceTo(c.place())).isLessThan(1e-9);
            }
            assertThat(found).isGreaterThan(1);
        }
    }

    private static double height(Bezier line, double x) {
        return line.startY() + (x - line.startX()) / (line.endX() - line.startX()) * (line.endY() - line.startY());
    }

    @Test
    void whatDoesNotCrossHasNoCrossing() {
        Bezier a = new Bezier(0, 0, 10, 0);
        assertThat(CurveFoot.crossing(a, 0.5, new Bezier(0, 1, 10, 1), 0.5, 5))
                .as("side by side")
                .isNull();
        assertThat(CurveFoot.crossing(a, 0.5, new Bezier(12, -1, 12, 1), 0.5, 9))
                .as("beyond its end")
                .isNull();
        assertThat(CurveFoot.crossing(a, 0.5, new Bezier(5, 1, 5, 9), 0.1, 9))
                .as("before the other's")
                .isNull();
        Bezier across = new Bezier(9, -1, 9, 1);
        assertThat(CurveFoot.crossing(a, 0.5, across, 0.5, 1))
                .as("farther than it may be")
                .isNull();
        CurveFoot.Crossing near = CurveFoot.crossing(a, 0.5, across, 0.2, 4);
        assertThat(near.t()).isCloseTo(0.9, within(1e-12));
        assertThat(near.u()).isCloseTo(0.5, within(1e-12));
        assertThat(near.place().distanceTo(new Point(9, 0))).isLessThan(1e-12);
    }
}

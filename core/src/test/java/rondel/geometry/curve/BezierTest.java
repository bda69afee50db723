package rondel.geometry.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.awt.geom.QuadCurve2D;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;

/** Parts, directions and areas of curves, against the JDK's own curves and against sampling. */
class BezierTest {

    private static Bezier random(Random random, int order) {
        double[] c = random.doubles(2 * order + 2, -50, 50).toArray();
        return new Bezier(c);
    }

    private static double distance(Point a, Point b) {
        return a.distanceTo(b);
    }

    @RepeatedTest(20)
    void aPartIsTheSameCurveBetweenItsEnds(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Bezier whole = random(random, 1 + random.nextInt(3));
        double t0 = random.nextDouble();
        double t1 = random.nextDouble();
        Bezier part = whole.part(t0, t1);
        for (double s = 0; s <= 1; s += 0.05) {
            assertThat(distance(part.at(s), whole.at(t0 + s * (t1 - t0)))).isLessThan(1e-9);
        }
        Bezier back = part.reversed();
        assertThat(distance(back.at(0.3), part.at(0.7))).isLessThan(1e-9);
        assertThat(back.area()).isCloseTo(-part.area(), within(1e-6));
    }

    @RepeatedTest(10)
    void halvesAreThoseOfTheJdk(RepetitionInfo run) {
        Random random = new Random(100 + run.getCurrentRepetition());
        Bezier cubic = random(random, 3);
        CubicCurve2D own = new CubicCurve2D.Double(
                cubic.startX(),
                cubic.startY(),
                cubic.control(1).x(),
                cubic.control(1).y(),
                cubic.control(2).x(),
                cubic.control(2).y(),
                cubic.endX(),
                cubic.endY());
        CubicCurve2D left = new CubicCurve2D.Double();
        own.subdivide(left, null);
        Bezier half = cubic.part(0, 0.5);
        assertThat(half.control(1).distanceTo(new Point(left.getCtrlX1(), left.getCtrlY1())))
                .isLessThan(1e-9);
        assertThat(half.control(2).distanceTo(new Point(left.getCtrlX2(), left.getCtrlY2())))
                .isLessThan(1e-9);
    }

    /** The area between a curve and the start, by Green's theorem, against a fine polygon of the JDK. */
    @RepeatedTest(10)
    void theAreaIsThatOfAFinePolygon(RepetitionInfo run) {
        Random random = new Random(200 + run.getCurrentRepetition());
        Bezier quad = random(random, 2);
        QuadCurve2D own = new QuadCurve2D.Double(
                quad.startX(),
                quad.startY(),
                quad.control(1).x(),
                quad.control(1).y(),
                quad.endX(),
                quad.endY());
        double twice = 0;
        double[] at = new double[6];
        double x = quad.startX();
        double y = quad.startY();
        for (PathIterator i = new FlatteningPathIterator(own.getPathIterator(null), 1e-7, 18); !i.isDone(); i.next()) {
            i.currentSegment(at);
            twice += x * at[1] - at[0] * y;
            x = at[0];
            y = at[1];
        }
        assertThat(quad.area()).isCloseTo(twice / 2, within(0.01));
    }

    @RepeatedTest(20)
    void chordsOfTheStepsThatAreAskedForStayWithinTheTolerance(RepetitionInfo run) {
        Random random = new Random(300 + run.getCurrentRepetition());
        Bezier curve = random(random, 2 + random.nextInt(2));
        double tolerance = 0.001 + random.nextDouble() * 0.1;
        int steps = curve.steps(tolerance);
        for (int i = 0; i < steps; i++) {
            Point a = curve.at((double) i / steps);
            Point b = curve.at((double) (i + 1) / steps);
            for (double s = 0.1; s < 1; s += 0.1) {
                Point p = curve.at((i + s) / steps);
                assertThat(offChord(p, a, b)).isLessThanOrEqualTo(tolerance * 1.001);
            }
        }
    }

    private static double offChord(Point p, Point a, Point b) {
        double length = a.distanceTo(b);
        return length < 1e-12
                ? p.distanceTo(a)
                : Math.abs((b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x())) / length;
    }

    @Test
    void aCurveWhoseHandleLiesOnItsEndStillHasADirectionThere() {
        Bezier curve = new Bezier(0, 0, 0, 0, 10, 10, 10, 0);
        Point start = curve.tangent(0);
        assertThat(start.x()).isCloseTo(Math.sqrt(0.5), within(1e-4));
        assertThat(start.y()).isCloseTo(Math.sqrt(0.5), within(1e-4));
        Point end = curve.tangent(1);
        assertThat(end.x()).isCloseTo(0, within(1e-6));
        assertThat(end.y()).isCloseTo(-1, within(1e-6));
        assertThat(new Bezier(3, 3, 3, 3, 3, 3, 3, 3).isPoint()).isTrue();
    }

    @Test
    void otherEndsTakeTheHandlesAlong() {
        Point start = new Point(1, 2);
        Point end = new Point(13, -4);
        Bezier cubic = new Bezier(0, 0, 2, 6, 8, 6, 10, 0);
        assertThat(cubic.between(start, end)).isEqualTo(new Bezier(1, 2, 3, 8, 11, 2, 13, -4));
        Bezier quadratic = new Bezier(0, 0, 5, 8, 10, 0);
        // The one handle goes half of the way with either end.
        assertThat(quadratic.between(start, end)).isEqualTo(new Bezier(1, 2, 7, 7, 13, -4));
    }
}

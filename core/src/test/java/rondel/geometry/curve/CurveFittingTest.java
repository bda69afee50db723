package rondel.geometry.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import rondel.geometry.Point;

/** Curves through dense points: within the tolerance, in few pieces, with the corners that were there. */
class CurveFittingTest {

    private static final CurveFitting FITTING = new CurveFitting(0.02, 35, 0.5);

    private static List<Point> blob(Random random, int points) {
        double a = random.nextDouble() * 0.2;
        double b = random.nextDouble() * 0.15;
        double phase = random.nextDouble() * 6;
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            double t = 2 * Math.PI * i / points;
            double r = 20 * (1 + a * Math.cos(2 * t + phase) + b * Math.sin(3 * t));
            all.add(new Point(r * Math.cos(t), r * Math.sin(t)));
        }
        return all;
    }

    private static double off(Point p, Contour contour) {
        double best = Double.POSITIVE_INFINITY;
        for (Bezier b : contour.segments()) {
            Point before = b.start();
            for (int i = 1; i <= 64; i++) {
                Point now = b.at(i / 64.0);
                best = Math.min(best, toSegment(p, before, now));
                before = now;
            }
        }
        return best;
    }

    private static double toSegment(Point p, Point a, Point b) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double square = dx * dx + dy * dy;
        double t = square == 0 ? 0 : Math.clamp(((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / square, 0, 1);
        return p.distanceTo(new Point(a.x() + t * dx, a.y() + t * dy));
    }

    @RepeatedTest(12)
    void aSmoothLineIsFollowedWithinTheToleranceByFewSmoothCurves(RepetitionInfo run) {
        List<Point> points = blob(new Random(run.getCurrentRepetition()), 900);
        Contour fitted = FITTING.closed(points);
        assertThat(fitted.closed()).isTrue();
        assertThat(fitted.segments().size()).isBetween(4, 40);
        for (int i = 0; i < points.size(); i += 7) {
            assertThat(off(points.get(i), fitted)).isLessThan(0.03);
        }
        int n = fitted.segments().size();
        for (int i = 0; i < n; i++) {
            Bezier a = fitted.segments().get(i);
            Bezier b = fitted.segments().get((i + 1) % n);
            assertThat(a.end().distanceTo(b.start())).isLessThan(1e-9);
            Point out = a.tangent(1);
            Point in = b.tangent(0);
            assertThat(out.x() * in.x() + out.y() * in.y()).isGreaterThan(0.99);
        }
    }

    @Test
    void aSquareComesOutAsFourLinesWithItsCornersInPlace() {
        List<Point> points = new ArrayList<>();
        for (int side = 0; side < 4; side++) {
            for (int i = 0; i < 50; i++) {
                double along = i * 0.4;
                points.add(
                        switch (side) {
                            case 0 -> new Point(along, 0);
                            case 1 -> new Point(20, along);
                            case 2 -> new Point(20 - along, 20);
                            default -> new Point(0, 20 - along);
                        });
            }
        }
        Contour fitted = FITTING.closed(points);
        assertThat(fitted.segments()).hasSize(4).allMatch(b -> b.order() == 1);
        assertThat(Math.abs(fitted.area())).isCloseTo(400, within(1e-6));
    }

    @Test
    void aHeartKeepsItsTipAndItsNotchAndNothingElseIsACorner() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 720; i++) {
            double t = 2 * Math.PI * i / 720;
            points.add(new Point(
                    16 * Math.pow(Math.sin(t), 3),
                    -(13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t))));
        }
        Contour fitted = FITTING.closed(points);
        List<Point> corners = new ArrayList<>();
        int n = fitted.segments().size();
        for (int i = 0; i < n; i++) {
            Point out = fitted.segments().get(i).tangent(1);
            Point in = fitted.segments().get((i + 1) % n).tangent(0);
            if (out.x() * in.x() + out.y() * in.y() < Math.cos(Math.toRadians(30))) {
                corners.add(fitted.segments().get(i).end());
            }
        }
        assertThat(corners).hasSize(2).allSatisfy(c -> assertThat(c.x()).isCloseTo(0, within(0.05)));
        assertThat(corners).anySatisfy(c -> assertThat(c.y()).isCloseTo(17, within(0.1)));
    }

    @Test
    void anOpenLineKeepsItsEnds() {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= 300; i++) {
            double x = i * 0.2;
            points.add(new Point(x, 8 * Math.sin(x / 9)));
        }
        List<Bezier> fitted = FITTING.open(points);
        assertThat(fitted.getFirst().start()).isEqualTo(points.getFirst());
        assertThat(fitted.getLast().end()).isEqualTo(points.getLast());
        assertThat(fitted).hasSizeLessThan(12);
        Contour contour = new Contour(fitted, false);
        assertThat(points).allSatisfy(p -> assertThat(off(p, contour)).isLessThan(0.03));
    }
}

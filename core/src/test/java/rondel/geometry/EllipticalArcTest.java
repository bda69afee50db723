package rondel.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Arcs from one end to the other (SVG 2, 9.5.1 and B.2.4), held against the ellipse that they are cut from. */
class EllipticalArcTest {

    /** An ellipse about a centre, turned by an angle in degrees. */
    private record Ellipse(double cx, double cy, double rx, double ry, double turn) {

        Point at(double t) {
            double phi = Math.toRadians(turn);
            double x = rx * Math.cos(t);
            double y = ry * Math.sin(t);
            return new Point(cx + x * Math.cos(phi) - y * Math.sin(phi), cy + x * Math.sin(phi) + y * Math.cos(phi));
        }

        /** The parameter of a point that lies on it. */
        double parameter(Point p) {
            Point own = own(p);
            return Math.atan2(own.y() / ry, own.x() / rx);
        }

        /** 1 for a point on it. */
        double level(Point p) {
            Point own = own(p);
            return Math.hypot(own.x() / rx, own.y() / ry);
        }

        private Point own(Point p) {
            double phi = Math.toRadians(-turn);
            double x = p.x() - cx;
            double y = p.y() - cy;
            return new Point(x * Math.cos(phi) - y * Math.sin(phi), x * Math.sin(phi) + y * Math.cos(phi));
        }
    }

    private static Outline arc(Point from, double rx, double ry, double turn, boolean large, boolean sweep, Point to) {
        OutlineBuilder out = new OutlineBuilder().moveTo(from.x(), from.y());
        EllipticalArc.append(out, from.x(), from.y(), rx, ry, turn, large, sweep, to.x(), to.y());
        return out.build();
    }

    /** Points along the cubics, twenty to each. */
    private static List<Point> along(Outline outline) {
        List<Point> points = new ArrayList<>();
        double[] c = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator it = outline.iterator(null, FillRule.NON_ZERO); !it.isDone(); it.next()) {
            if (it.currentSegment(c) == PathIterator.SEG_CUBICTO) {
                for (int i = 1; i <= 20; i++) {
                    double t = i / 20.0;
                    double u = 1 - t;
                    points.add(new Point(
                            u * u * u * x + 3 * u * u * t * c[0] + 3 * u * t * t * c[2] + t * t * t * c[4],
                            u * u * u * y + 3 * u * u * t * c[1] + 3 * u * t * t * c[3] + t * t * t * c[5]));
                }
                x = c[4];
                y = c[5];
            } else {
                x = c[0];
                y = c[1];
            }
        }
        return points;
    }

    @Test
    void runsAlongItsEllipseTheRightWayAndAsFar() {
        for (double turn : List.of(0.0, 30.0, 117.0, 400.0, -75.0)) {
            for (double ratio : List.of(1.0, 0.4, 3.0)) {
                Ellipse e = new Ellipse(13, -7, 10, 10 * ratio, turn);
                for (double start : List.of(0.3, 2.0, 5.5)) {
                    for (double span : List.of(0.2, 1.4, 3.0, 3.5, 5.9, -0.7, -3.0, -4.4)) {
                        check(e, start, span);
                    }
                }
            }
        }
    }

    private static void check(Ellipse e, double start, double span) {
        Point from = e.at(start);
        Point to = e.at(start + span);
        Outline arc = arc(from, e.rx, e.ry, e.turn, Math.abs(span) > Math.PI, span > 0, to);
        List<Point> points = along(arc);
        double travelled = 0;
        double before = start;
        for (Point p : points) {
            assertThat(e.level(p)).as("%s from %s by %s", e, start, span).isCloseTo(1, within(5e-6));
            double step = Math.IEEEremainder(e.parameter(p) - before, 2 * Math.PI);
            assertThat(Math.signum(step)).isEqualTo(Math.signum(span));
            travelled += step;
            before = e.parameter(p);
        }
        assertThat(travelled).isCloseTo(span, within(1e-6));
        assertThat(points.getLast()).isEqualTo(to);
        int parts = (int) Math.ceil(Math.abs(span) / (Math.PI / 4) - 1e-9);
        assertThat(points).as("an eighth of a turn to a curve").hasSize(20 * parts);
    }

    @Test
    void radiiThatAreTooSmallGrowUntilTheyReach() {
        Point from = new Point(0, 0);
        Point to = new Point(10, 0);
        Ellipse half = new Ellipse(5, 0, 5, 10, 0);
        for (Point p : along(arc(from, 1, 2, 0, false, true, to))) {
            assertThat(half.level(p)).isCloseTo(1, within(5e-6));
            assertThat(p.y()).isLessThanOrEqualTo(1e-9);
        }
        assertThat(along(arc(from, -1, -2, 0, true, true, to))).isEqualTo(along(arc(from, 1, 2, 0, true, true, to)));
    }

    @Test
    void withoutARadiusItIsALineAndWithoutAWayNothing() {
        Outline line = arc(new Point(1, 2), 0, 5, 0, false, true, new Point(4, 6));
        assertThat(line)
                .isEqualTo(new OutlineBuilder().moveTo(1, 2).lineTo(4, 6).build());
        assertThat(arc(new Point(1, 2), 5, 0, 0, false, true, new Point(4, 6))).isEqualTo(line);
        Point same = new Point(1, 2);
        assertThat(arc(same, 5, 5, 0, true, true, same))
                .isEqualTo(new OutlineBuilder().moveTo(1, 2).build());
        assertThat(along(arc(same, 5, 5, 0, true, true, new Point(1, 3)))).isNotEmpty();
    }
}

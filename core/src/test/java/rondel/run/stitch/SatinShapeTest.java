package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import rondel.geometry.Point;

/** Narrow shapes in satin: covered, at right angles to their middle line, inside their edge. */
class SatinShapeTest {

    private static final double THREAD = 0.4;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon along(double width, double... xy) {
        Coordinate[] c = new Coordinate[xy.length / 2];
        for (int i = 0; i < c.length; i++) {
            c[i] = new Coordinate(xy[2 * i], xy[2 * i + 1]);
        }
        return (Polygon) FACTORY.createLineString(c).buffer(width / 2, 12);
    }

    private static Polygon arc(double width, double radius, double from, double to) {
        List<Double> xy = new ArrayList<>();
        for (double a = from; a <= to; a += 3) {
            xy.add(30 + radius * Math.cos(Math.toRadians(a)));
            xy.add(30 + radius * Math.sin(Math.toRadians(a)));
        }
        return along(width, xy.stream().mapToDouble(d -> d).toArray());
    }

    private static Map<String, Polygon> shapes() {
        Map<String, Polygon> all = new LinkedHashMap<>();
        all.put("bar", along(3, 5, 5, 45, 20));
        all.put("arc", arc(3, 18, 20, 240));
        all.put("ring", arc(3, 15, 0, 360));
        all.put("angle", along(2.5, 5, 5, 5, 35, 35, 35));
        all.put("tee", (Polygon) along(2.5, 5, 5, 45, 5).union(along(2.5, 25, 5, 25, 40)));
        return all;
    }

    private static List<Point> sewn(Polygon polygon) {
        MedialAxis axis = MedialAxis.of(polygon);
        assertThat(SatinShape.suits(axis, SatinShape.WIDEST)).isTrue();
        SatinColumn column = new SatinColumn(polygon, 0.4, 0, SatinShape.WIDEST);
        return SatinShape.over(axis, column, List.of(), Optional.empty());
    }

    private static Geometry cloth(List<Point> places) {
        List<Geometry> lines = new ArrayList<>();
        for (int i = 1; i < places.size(); i++) {
            LineString line = FACTORY.createLineString(new Coordinate[] {
                new Coordinate(places.get(i - 1).x(), places.get(i - 1).y()),
                new Coordinate(places.get(i).x(), places.get(i).y())
            });
            lines.add(line.buffer(THREAD / 2, 4));
        }
        return UnaryUnionOp.union(lines);
    }

    @Test
    void narrowShapesAreCoveredAndNothingLiesOutside() {
        shapes().forEach((name, polygon) -> {
            List<Point> places = sewn(polygon);
            Geometry bare = polygon.difference(cloth(places));
            assertThat(bare.getArea() / polygon.getArea()).as(name).isLessThan(0.03);
            assertThat(bare.buffer(-0.3).isEmpty()).as(name).isTrue();
            Geometry grown = polygon.buffer(0.15);
            places.forEach(p -> assertThat(grown.covers(FACTORY.createPoint(new Coordinate(p.x(), p.y()))))
                    .as(name + " " + p)
                    .isTrue());
            for (int i = 1; i < places.size(); i++) {
                assertThat(places.get(i).distanceTo(places.get(i - 1))).as(name).isBetween(0.499, 7.0);
            }
        });
    }

    @Test
    void stitchesStandAtRightAnglesToTheMiddleLine() {
        List<Point> places = sewn(along(3, 5, 5, 45, 20));
        double middle = Math.toDegrees(Math.atan2(15, 40));
        int across = 0;
        int right = 0;
        for (int i = 1; i < places.size(); i++) {
            Point a = places.get(i - 1);
            Point b = places.get(i);
            if (a.distanceTo(b) > 2.5) {
                double angle = Math.toDegrees(Math.atan2(b.y() - a.y(), b.x() - a.x())) - middle;
                double off = Math.abs(Math.IEEEremainder(angle - 90, 180));
                across++;
                right += off < 10 ? 1 : 0;
            }
        }
        assertThat(across).isGreaterThan(150);
        assertThat((double) right / across).isGreaterThan(0.97);
    }

    @Test
    void theMiddleOfATeeHasThreeBranchesAndCornersHaveNone() {
        MedialAxis tee = MedialAxis.of(shapes().get("tee"));
        assertThat(tee.nodes().stream().filter(n -> n.beside().size() == 1)).hasSize(3);
        assertThat(tee.widest()).isCloseTo(2.5, within(1.2));
        MedialAxis disc = MedialAxis.of(
                (Polygon) FACTORY.createPoint(new Coordinate(0, 0)).buffer(10));
        assertThat(SatinShape.suits(disc, SatinShape.WIDEST)).isFalse();
    }

    @Test
    void placesOfABoundaryThatNearlyCoincideAreNoReasonToFail() {
        for (long seed = 1; seed <= 60; seed++) {
            java.util.Random random = new java.util.Random(seed);
            List<Coordinate> ring = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                double angle = 2 * Math.PI * i / 24;
                double far = 4 + 2 * random.nextDouble();
                Coordinate c = new Coordinate(far * Math.cos(angle), 0.3 * far * Math.sin(angle));
                ring.add(c);
                ring.add(new Coordinate(c.x + 1e-7 * random.nextDouble(), c.y + 1e-7 * random.nextDouble()));
            }
            ring.add(ring.getFirst().copy());
            Polygon polygon = FACTORY.createPolygon(ring.toArray(Coordinate[]::new));
            if (polygon.isValid()) {
                assertThat(MedialAxis.of(polygon).length()).as("seed " + seed).isGreaterThan(3);
            }
        }
    }
}

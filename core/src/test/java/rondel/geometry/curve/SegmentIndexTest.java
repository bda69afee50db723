package rondel.geometry.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import rondel.geometry.Point;

class SegmentIndexTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A ring whose radius goes up and down, so that much of it is near to any place. */
    private static List<Point> ring(int count, Random random) {
        List<Point> all = new java.util.ArrayList<>(IntStream.range(0, count)
                .mapToObj(i -> at(20 + random.nextDouble(10), 2 * Math.PI * i / count))
                .toList());
        all.add(all.getFirst());
        return all;
    }

    private static Point at(double radius, double angle) {
        return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
    }

    private static Polygon polygon(List<Point> ring) {
        return FACTORY.createPolygon(
                ring.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new));
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 8, 9, 33, 400})
    void distancesAndWhatIsWithinAreThoseOfAnotherLibrary(int count) {
        Random random = new Random(count);
        List<Point> ring = ring(count, random);
        SegmentIndex index = SegmentIndex.of(List.of(ring));
        Polygon polygon = polygon(ring);
        for (int i = 0; i < 300; i++) {
            double x = random.nextDouble(-60, 60);
            double y = random.nextDouble(-60, 60);
            Coordinate place = new Coordinate(x, y);
            assertThat(index.distance(x, y))
                    .isCloseTo(polygon.getBoundary().distance(FACTORY.createPoint(place)), within(1e-9));
            assertThat(index.crossings(x, y) % 2 == 1)
                    .isEqualTo(SimplePointInAreaLocator.locate(place, polygon) == Location.INTERIOR);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 9, 33, 400})
    void theFewNearASpotGiveTheVerySameDistancesOnIt(int count) {
        Random random = new Random(count);
        SegmentIndex index = SegmentIndex.of(List.of(ring(count, random)));
        for (int i = 0; i < 60; i++) {
            double x = random.nextDouble(-40, 40);
            double y = random.nextDouble(-40, 40);
            double around = random.nextDouble(3);
            SegmentIndex few = index.near(x, y, index.distance(x, y), around);
            for (int k = 0; k < 30; k++) {
                Point off = at(random.nextDouble(around), random.nextDouble(2 * Math.PI));
                assertThat(few.distance(x + off.x(), y + off.y())).isEqualTo(index.distance(x + off.x(), y + off.y()));
            }
        }
    }

    @Test
    void onlyWhatIsNearerThanWhatIsKnownIsFound() {
        SegmentIndex index = SegmentIndex.of(List.of(List.of(new Point(0, 0), new Point(10, 0))));
        assertThat(index.square(5, 2, Double.POSITIVE_INFINITY)).isEqualTo(4);
        assertThat(index.square(5, 2, 3)).isEqualTo(3);
    }

    @Test
    void manySegmentsInOnePlaceAreNoTrouble() {
        double[] same = new double[4 * 1000];
        java.util.Arrays.fill(same, 3);
        assertThat(new SegmentIndex(same).distance(3, 7)).isEqualTo(4);
    }

    @Test
    void nothingIsEndlesslyFar() {
        SegmentIndex empty = SegmentIndex.of(List.of());
        assertThat(empty.distance(0, 0)).isInfinite();
        assertThat(empty.crossings(0, 0)).isZero();
    }
}

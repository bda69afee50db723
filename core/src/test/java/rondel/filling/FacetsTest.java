package rondel.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rondel.geometry.Affine;

class FacetsTest {

    private static Geometry blot(SplittableRandom random) {
        int n = 5 + random.nextInt(40);
        Coordinate[] points = new Coordinate[n + 1];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double radius = 0.3 + 0.4 * random.nextDouble();
            points[i] = new Coordinate(radius * StrictMath.cos(angle), radius * StrictMath.sin(angle));
        }
        points[n] = points[0];
        return new GeometryFactory().createLinearRing(points);
    }

    @Test
    void nothingIsFarFromEverything() {
        Geometry one = blot(new SplittableRandom(1));
        Geometry nothing = one.getFactory().createPolygon();

        assertThat(Facets.of(nothing).distance(Facets.of(one), Affine.IDENTITY, 0.4))
                .isEqualTo(0.4);
    }

    /** Turned, mirrored and sized, near and far, crossing and not: as far as JTS says, or as much as is enough. */
    @RepeatedTest(5)
    void distancesAreThoseOfJts(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        int crossing = 0;
        for (int i = 0; i < 60; i++) {
            Geometry one = blot(random);
            Geometry other = blot(random);
            double size = 0.3 + 2 * random.nextDouble();
            Affine put = Affine.translate(3 * random.nextDouble(), 2 * random.nextDouble())
                    .times(Affine.rotate(360 * random.nextDouble()))
                    .times(Affine.scale(random.nextBoolean() ? size : -size, size));
            double enough = 0.2 + random.nextDouble();

            double found = Facets.of(one).distance(Facets.of(other), put, enough);

            double exact = one.distance(Motif.transformed(other, put));
            assertThat(found).isCloseTo(Math.min(exact, enough), within(1e-12));
            crossing += exact == 0 ? 1 : 0;
        }
        assertThat(crossing).isBetween(5, 55);
    }
}

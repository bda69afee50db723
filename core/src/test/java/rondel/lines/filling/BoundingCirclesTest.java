package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Affine;
import rondel.geometry.Blots;
import rondel.geometry.Point;

class BoundingCirclesTest {

    private static Geometry blot(SplittableRandom random) {
        return Blots.at(new Point(0, 0), 5 + random.nextInt(40), 0.3, 0.7, random)
                .getExteriorRing();
    }

    @Test
    void nothingIsFarFromEverything() {
        Geometry one = blot(new SplittableRandom(1));
        Geometry nothing = one.getFactory().createPolygon();

        assertThat(BoundingCircles.of(nothing).distance(BoundingCircles.of(one), Affine.IDENTITY, 0.4))
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

            double found = BoundingCircles.of(one).distance(BoundingCircles.of(other), put, enough);

            double exact = one.distance(Motif.transformed(other, put));
            assertThat(found).isCloseTo(Math.min(exact, enough), within(1e-12));
            crossing += exact == 0 ? 1 : 0;
        }
        assertThat(crossing).isBetween(5, 55);
    }
}

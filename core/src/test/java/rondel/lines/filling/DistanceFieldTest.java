package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;

class DistanceFieldTest {

    private static final double STEP = 0.5;

    private static Geometry ring() {
        Area ring = new Area(new Ellipse2D.Double(-20, -20, 40, 40));
        ring.subtract(new Area(new Ellipse2D.Double(-8, -8, 16, 16)));
        return FlatArea.of(Overlay.united(Outline.of(ring)), 1e-3);
    }

    private final Geometry ring = ring();
    private final DistanceField field = DistanceField.of(ring, -25, -25, STEP, 101, 101);

    @Test
    void itTellsHowFarAnyPlaceIsFromTheEdgeAndOnWhichSide() {
        SplittableRandom random = new SplittableRandom(4);
        GeometryFactory factory = new GeometryFactory();
        for (int i = 0; i < 2_000; i++) {
            double x = -24 + 48 * random.nextDouble();
            double y = -24 + 48 * random.nextDouble();
            Point p = factory.createPoint(new Coordinate(x, y));
            double exact = (ring.contains(p) ? 1 : -1) * ring.getBoundary().distance(p);
            assertThat(field.at(x, y)).as("at %f, %f", x, y).isCloseTo(exact, within(STEP / 2));
        }
        assertThat(field.at(14, 0)).isCloseTo(6, within(0.02));
        assertThat(field.at(0, 0)).isCloseTo(-8, within(0.3));
    }

    @Test
    void itsSlopeLeadsAwayFromTheNearestEdge() {
        double[] slope = new double[3];
        field.slopeAt(0, 17, slope);
        assertThat(slope[0]).isCloseTo(3, within(0.02));
        assertThat(slope[1]).isCloseTo(0, within(0.03));
        assertThat(slope[2]).isCloseTo(-1, within(0.03));
        field.slopeAt(7, 7, slope);
        assertThat(slope[0]).isCloseTo(Math.sqrt(98) - 8, within(0.03));
        assertThat(slope[1]).isCloseTo(Math.sqrt(0.5), within(0.05));
        assertThat(slope[2]).isCloseTo(Math.sqrt(0.5), within(0.05));
    }

    @Test
    void alongARowItTellsTheSameAsPlaceByPlaceAndACircleBeyondTheSamples() {
        float[] row = new float[60];
        field.along(-30, 3.2, 1, 0.1, 22, row, 5, 55);
        for (int i = 0; i < 55; i++) {
            double x = -30 + i;
            double y = 3.2 + 0.1 * i;
            if (Math.abs(Math.abs(x) - 25) < STEP) {
                continue;
            }
            double expected = Math.abs(x) < 25 ? field.at(x, y) : 22 - Math.hypot(x, y);
            assertThat((double) row[5 + i]).as("at %f", x).isCloseTo(expected, within(1e-3));
        }
    }

    @Test
    void halfOfItsSamplesTellNearlyTheSame() {
        DistanceField half = field.halved();

        assertThat(half.step()).isEqualTo(2 * STEP);
        assertThat(half.columns()).isEqualTo(51);
        SplittableRandom random = new SplittableRandom(6);
        for (int i = 0; i < 500; i++) {
            double x = -24 + 48 * random.nextDouble();
            double y = -24 + 48 * random.nextDouble();
            assertThat(half.at(x, y)).as("at %f, %f", x, y).isCloseTo(field.at(x, y), within(STEP));
        }
    }
}

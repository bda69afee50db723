package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;

/** A drawing as a filling sees it: its longer side is 1, and the middle of its largest circle is the origin. */
class MotifTest {

    private static final Outline LEAF = Overlay.united(Outline.of(leaf()));
    private final Motif leaf = Motif.of(2, LEAF);

    private static Path2D leaf() {
        Path2D leaf = new Path2D.Double();
        leaf.moveTo(100, 40);
        leaf.curveTo(130, 0, 180, 5, 220, 35);
        leaf.curveTo(180, 70, 130, 75, 100, 40);
        leaf.closePath();
        return leaf;
    }

    @Test
    void itsAreaIsThatOfTheDrawingForALongerSideOfOne() {
        double side = LEAF.bounds().orElseThrow().width();

        assertThat(leaf.area()).isCloseTo(FlatArea.of(LEAF, 1e-3).getArea() / (side * side), within(5e-4));
        assertThat(leaf.flat().getEnvelopeInternal().getWidth()).isCloseTo(1, within(1e-6));
        assertThat(leaf.index()).isEqualTo(2);
    }

    @Test
    void itsCirclesLieInItAndTheFirstIsTheLargest() {
        double[] c = leaf.circles();
        assertThat(c[0]).isZero();
        assertThat(c[1]).isZero();
        Geometry around = leaf.flat().buffer(0.015);
        for (int i = 0; i < c.length; i += 3) {
            assertThat(c[i + 2]).isLessThanOrEqualTo(c[2]);
            Geometry circle = new GeometryFactory()
                    .createPoint(new Coordinate(c[i], c[i + 1]))
                    .buffer(c[i + 2], 32);
            assertThat(around.contains(circle)).as("circle %d", i / 3).isTrue();
        }
    }

    @Test
    void itsRimLiesOnTheOutlineEvenlyAndNoFartherThanSaid() {
        double[] rim = leaf.rim();
        GeometryFactory factory = new GeometryFactory();
        for (int i = 0; i < rim.length; i += 2) {
            assertThat(leaf.flat().getBoundary().distance(factory.createPoint(new Coordinate(rim[i], rim[i + 1]))))
                    .isLessThan(1e-6);
            assertThat(Math.hypot(rim[i], rim[i + 1])).isLessThanOrEqualTo(leaf.farthest() + 1e-12);
        }
        assertThat(rim.length / 2).isCloseTo((int) (leaf.flat().getLength() / FillingTuning.RIM_SPACING), within(2));
    }

    @Test
    void holesHaveARimToo() {
        Area ring = new Area(new Ellipse2D.Double(0, 0, 40, 40));
        ring.subtract(new Area(new Ellipse2D.Double(10, 10, 20, 20)));
        Motif motif = Motif.of(0, Overlay.united(Outline.of(ring)));

        assertThat(motif.area()).isCloseTo(Math.PI / 4 * (1 - 0.25), within(1e-3));
        assertThat(motif.circles()[2]).isCloseTo(0.125, within(0.01));
        assertThat(motif.rim().length / 2 * motif.spacing()).isCloseTo(Math.PI * 1.5, within(0.1));
    }

    @Test
    void itsSurroundingsAreReadAsCoarselyAsIsAsked() {
        double fine = leaf.around().step();

        assertThat(leaf.around(0.9 * fine).step()).isEqualTo(fine);
        assertThat(leaf.around(3 * fine).step()).isEqualTo(2 * fine);
        assertThat(leaf.around(100 * fine).step()).isEqualTo(4 * fine);
    }
}

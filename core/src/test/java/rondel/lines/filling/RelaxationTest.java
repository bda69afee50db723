package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Polygon;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.FillingSettings;

class RelaxationTest {

    private static final double GAP = 1;

    private static FillingSettings shape(double from, double to, double turning) {
        return new FillingSettings(from, to, OptionalInt.empty(), OptionalDouble.empty(), turning, GAP, true, 1, 0);
    }

    private static Edge inside(double width, double height) {
        Geometry area = FlatArea.of(Outline.of(new Rectangle2D.Double(0, 0, width, height)), 0.01);
        return new FreeSpace(area, 6, GAP, 20).edge();
    }

    private static Placement placement(Motif motif, double x, double y, double degrees, double size) {
        return new Placement(motif, x, y, Math.toRadians(degrees), size, false);
    }

    private static Relaxation relaxation(
            Edge edge, FillingSettings settings, List<Placement> moving, List<Placement> still) {
        return new Relaxation(edge, settings, moving, still)
                .grown(200, 10, 100, 600)
                .settled(100, 0.01);
    }

    @Test
    void twoDiscsGrowUntilTheyTouchEachOtherAndTheEdge() {
        Relaxation relaxation = relaxation(
                inside(41, 20),
                shape(5, 60, 180),
                List.of(placement(Motifs.DISC, 8, 7, 0, 6), placement(Motifs.DISC, 30, 13, 0, 8)),
                List.of());

        assertThat(relaxation.placements()).allSatisfy(s -> assertThat(s.size()).isBetween(19.8, 20.0));
        assertThat(relaxation.tightest()).isZero();
    }

    @Test
    void aSlantingBarTurnsUntilItLiesAlongTheRoomThatItIsIn() {
        Placement lying = relaxation(
                        inside(60, 12), shape(5, 100, 180), List.of(placement(Motifs.BAR, 25, 6, 9, 20)), List.of())
                .placements()
                .getFirst();

        assertThat(lying.size()).isCloseTo(48, within(0.4));
        assertThat(StrictMath.toDegrees(lying.angle())).isCloseTo(0, within(0.5));
    }

    @Test
    void whatMayNotTurnStaysUprightAndNoneGrowsBeyondItsLimit() {
        List<Placement> placements = relaxation(
                        inside(60, 12),
                        shape(5, 24, 0),
                        List.of(placement(Motifs.BAR, 15, 5, 0, 20), placement(Motifs.BAR, 40, 8, 0, 20)),
                        List.of())
                .placements();

        assertThat(placements).allSatisfy(s -> {
            assertThat(s.angle()).isZero();
            assertThat(s.size()).isBetween(23.98, 24.0);
        });
    }

    @Test
    void aCornerOfTheEdgeIsNotLetInBetweenTwoPointsOfARim() {
        Area free = new Area(new Rectangle2D.Double(0, 0, 40, 40));
        free.subtract(new Area(new Polygon(new int[] {20, 19, 21}, new int[] {8, 60, 60}, 3)));
        Geometry area = FlatArea.of(Overlay.united(Outline.of(free)), 0.01);
        Relaxation relaxation = relaxation(
                new FreeSpace(area, 6, GAP, 20).edge(),
                shape(5, 40, 0),
                List.of(placement(Motifs.BAR, 17.3, 5, 0, 12)),
                List.of());

        Placement grown = relaxation.placements().getFirst();
        assertThat(grown.size()).isBetween(31.8, 32.0);
        assertThat(area.buffer(0.05).contains(Motif.transformed(grown.motif().flat(), grown.map())))
                .isTrue();
    }

    @Test
    void whatStaysIsNotMovedAndTheOthersMakeWay() {
        Placement still = placement(Motifs.DISC, 20, 20, 0, 20);
        Relaxation relaxation = relaxation(
                inside(60, 40), shape(5, 12, 180), List.of(placement(Motifs.DISC, 31, 20, 0, 10)), List.of(still));

        assertThat(relaxation.placements()).hasSize(1);
        Placement moved = relaxation.placements().getFirst();
        assertThat(moved.size()).isBetween(11.98, 12.0);
        assertThat(moved.distance(20, 20)).isGreaterThanOrEqualTo(10 + 6 + GAP - 0.01);
    }

    @Test
    void theSmallestAreNotMadeSmallerThanTheyMayBeHoweverTightItIs() {
        Relaxation relaxation = relaxation(
                inside(20, 8),
                shape(7, 12, 180),
                List.of(
                        placement(Motifs.DISC, 5, 4, 0, 7),
                        placement(Motifs.DISC, 10, 4, 0, 7),
                        placement(Motifs.DISC, 15, 4, 0, 7)),
                List.of());

        assertThat(relaxation.placements()).allSatisfy(s -> assertThat(s.size()).isGreaterThanOrEqualTo(7));
        assertThat(relaxation.tightest()).isGreaterThan(0.5);
    }
}

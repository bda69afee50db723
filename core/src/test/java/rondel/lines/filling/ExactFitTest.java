package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.FillingSettings;

class ExactFitTest {

    private static final double GAP = 0.8;
    private static final FillingSettings SHAPE =
            new FillingSettings(6, 20, OptionalInt.empty(), OptionalDouble.empty(), 180, GAP, true, 5, 0);

    private final Geometry pond = FlatArea.of(Outline.of(new Ellipse2D.Double(0, 0, 90, 60)), 0.002);
    private final Motif star = Motif.of(0, Overlay.united(Outline.of(star())));

    private static Path2D star() {
        Path2D star = new Path2D.Double();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 10 : 5;
            double x = r * StrictMath.sin(Math.PI * i / 5);
            double y = -r * StrictMath.cos(Math.PI * i / 5);
            if (i == 0) {
                star.moveTo(x, y);
            } else {
                star.lineTo(x, y);
            }
        }
        star.closePath();
        return star;
    }

    private static Geometry drawn(Placement placement) {
        return Motif.transformed(placement.motif().flat(), placement.map());
    }

    /** However carelessly they were put, in the end each lies inside and keeps the gap; none is larger or smaller than it may be. */
    @RepeatedTest(6)
    void carelesslyPutCopiesEndUpExact(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        List<Placement> put = new ArrayList<>();
        for (int i = 0; i < 18; i++) {
            put.add(new Placement(
                    star,
                    12 + 66 * random.nextDouble(),
                    10 + 40 * random.nextDouble(),
                    6 * random.nextDouble(),
                    6 + 12 * random.nextDouble(),
                    random.nextBoolean()));
        }

        List<Placement> exact = new ExactFit(pond, SHAPE).of(put);

        assertThat(exact).hasSizeBetween(4, put.size());
        for (int i = 0; i < exact.size(); i++) {
            Geometry one = drawn(exact.get(i));
            assertThat(exact.get(i).size()).isBetween(6.0, 20.0);
            assertThat(pond.contains(one)).isTrue();
            for (int j = 0; j < i; j++) {
                assertThat(one.distance(drawn(exact.get(j)))).isGreaterThanOrEqualTo(GAP);
            }
        }
    }

    @Test
    void aCopyAloneGrowsALittleAndStaysWhereItIs() {
        Placement put = new Placement(star, 45, 30, 0.3, 12, false);

        Placement exact = new ExactFit(pond, SHAPE).of(List.of(put)).getFirst();

        assertThat(exact.size()).isGreaterThan(12).isLessThan(20);
        assertThat(exact.distance(45, 30)).isLessThan(1.5);
        assertThat(exact.angle()).isEqualTo(0.3);
    }

    /** Its place is a little narrower than the smallest copy: one that was put there is left out, not made to fit. */
    @Test
    void noCopyIsMadeSmallerThanTheSmallest() {
        Geometry slot = FlatArea.of(Outline.of(new Rectangle2D.Double(0, 0, 5.9, 9)), 0.002);
        Placement put = new Placement(star, 2.95, 4.5, 0, 6.05, false);

        assertThat(new ExactFit(slot, SHAPE).of(List.of(put))).isEmpty();
    }

    /** The larger one makes room, as the smaller can't. */
    @Test
    void theSmallestCopyThatCrossesTheEdgeALittleIsMovedInside() {
        Geometry strip = FlatArea.of(Outline.of(new Rectangle2D.Double(0, 0, 40, 12)), 0.002);
        Placement small = new Placement(Motifs.DISC, 2.9, 6, 0, 6, false);
        Placement large = new Placement(Motifs.DISC, 12.2, 6, 0, 11, false);

        List<Placement> exact = new ExactFit(strip, SHAPE).of(List.of(small, large));

        assertThat(exact).hasSize(2);
        assertThat(exact.getFirst().distance(2.9, 6)).isLessThan(0.5);
        assertThat(strip.contains(drawn(exact.getFirst()))).isTrue();
        assertThat(drawn(exact.getFirst()).distance(drawn(exact.getLast()))).isGreaterThanOrEqualTo(GAP);
    }

    @Test
    void whereThereIsNoRoomForTheSmallestACopyIsLeftOut() {
        Placement outside = new Placement(star, 120, 30, 0, 8, false);

        assertThat(new ExactFit(pond, SHAPE).of(List.of(outside))).isEmpty();
    }
}

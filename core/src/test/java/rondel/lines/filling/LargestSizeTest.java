package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;

class LargestSizeTest {

    private static final List<Motif> MOTIFS = List.of(Motifs.DISC, Motifs.BAR);

    private final Geometry page = FlatArea.of(Outline.of(new Rectangle2D.Double(0, 0, 80, 60)), 0.01);
    private final FreeSpace space = new FreeSpace(page, 6, 1, 30);

    private LargestSize at(Placement placement) {
        LargestSize largest = new LargestSize(space, MOTIFS);
        largest.at(placement);
        return largest;
    }

    @Test
    void aDiscGrowsUntilItMeetsTheEdge() {
        LargestSize largest = at(new Placement(Motifs.DISC, 25, 30, 0, 6, false));

        assertThat(largest.largest(6, 70)).isCloseTo(50, within(1.0));
        assertThat(largest.largest(6, 20)).isEqualTo(20);
    }

    @Test
    void whereItTouchesAllAroundAllOfItsRimIsInContact() {
        space.put(new Placement(Motifs.DISC, 40, 30, 0, 10, false));

        assertThat(at(new Placement(Motifs.BAR, 40, 30 + 5 + 1 + 2.5, 0, 20, false))
                        .contact(20, 2))
                .isBetween(0.05, 0.3);
        assertThat(at(new Placement(Motifs.BAR, 40, 50, 0, 20, false)).contact(20, 2))
                .isZero();
    }

    /** What was found at other sizes before is of no matter. */
    @RepeatedTest(8)
    void whatIsKnownAtOneSizeTellsNothingWrongOfOthers(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        for (int i = 0; i < 6; i++) {
            space.put(new Placement(
                    MOTIFS.get(i % 2), 80 * random.nextDouble(), 60 * random.nextDouble(), i, 8 + i, i % 3 == 0));
        }
        int fitted = 0;
        for (int i = 0; i < 200; i++) {
            Placement placement = new Placement(
                    MOTIFS.get(i % 2),
                    80 * random.nextDouble(),
                    60 * random.nextDouble(),
                    6 * random.nextDouble(),
                    6,
                    random.nextBoolean());
            LargestSize largest = at(placement);
            for (double size : random.doubles(12, 4, 30).toArray()) {
                boolean fits = largest.fits(size);
                fitted += fits ? 1 : 0;
                assertThat(fits).isEqualTo(at(placement).fits(size));
            }
        }
        assertThat(fitted).isGreaterThan(40);
    }
}

package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;

class FreeSpaceTest {

    private static final double GAP = 1;
    private static final double REACH = 60;

    private final Geometry page = FlatArea.of(Outline.of(new Rectangle2D.Double(0, 0, 80, 60)), 0.01);
    private final FreeSpace space = new FreeSpace(page, 6, GAP, REACH);

    private static Placement anywhere(SplittableRandom random) {
        return new Placement(
                random.nextBoolean() ? Motifs.DISC : Motifs.BAR,
                80 * random.nextDouble(),
                60 * random.nextDouble(),
                6 * random.nextDouble(),
                6 + 20 * random.nextDouble(),
                random.nextBoolean());
    }

    @RepeatedTest(6)
    void takingCopiesOutLeavesTheRoomAsIfTheyHadNeverBeenThere(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        FreeSpace without = space.copy();
        List<CopyDistances> passing = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            CopyDistances placed = space.put(anywhere(random));
            if (i % 3 == 0) {
                passing.add(placed);
            } else {
                without.putBack(placed);
            }
        }

        space.takeOut(passing);

        assertThat(space.placed()).isEqualTo(without.placed());
        assertThat(space.free().values()).containsExactly(without.free().values());
    }

    @RepeatedTest(6)
    void aCopyIsMeasuredNoFartherAroundThanMatters(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        for (int i = 0; i < 14; i++) {
            space.put(anywhere(random));
        }
        FreeSpace whole = space.copy();
        Placement more = anywhere(random);
        assertThat(space.matters(40, 30, 100)).isLessThan(REACH / 2);

        CopyDistances near = space.put(more, space.matters(40, 30, 100));

        CopyDistances far = whole.put(more);
        assertThat(near.distances().length).isLessThanOrEqualTo(far.distances().length);
        assertThat(space.free().values()).containsExactly(whole.free().values());
    }

    @Test
    void openPlacesAreThoseNearbyWithRoomAroundThemEachOnce() {
        space.put(new Placement(Motifs.DISC, 40, 30, 0, 20, false));

        List<double[]> places = space.openPlaces(40, 30, 25, 4, 100_000, new SplittableRandom(1));

        assertThat(places)
                .isNotEmpty()
                .allSatisfy(p -> assertThat(Math.hypot(p[0] - 40, p[1] - 30)).isGreaterThan(10 + GAP + 4 - 0.1))
                .allSatisfy(p -> assertThat(p[0]).isBetween(40 - 26.5, 40 + 26.5));
        assertThat(places.stream().map(p -> List.of(p[0], p[1])).distinct()).hasSameSizeAs(places);
        assertThat(space.openPlaces(40, 30, 25, 4, 7, new SplittableRandom(1))).hasSize(7);
    }
}

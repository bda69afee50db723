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
import org.locationtech.jts.operation.union.UnaryUnionOp;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;

class MorphologicalClosingTest {

    private static final double RADIUS = 3.5;

    private final Geometry page = FlatArea.of(Outline.of(new Rectangle2D.Double(0, 0, 80, 60)), 0.01);
    private final FreeSpace space = new FreeSpace(page, 4.5, 1, 20);
    private final MorphologicalClosing closing =
            new MorphologicalClosing(space.edge().inside(), RADIUS);

    private double missed() {
        return closing.missed(space.placed(), GridWindow.of(space.edge().inside()));
    }

    @Test
    void withNoCopiesAllOfTheOutlineIsMissed() {
        assertThat(missed()).isCloseTo(80 * 60, within(20.0));
    }

    @Test
    void onlyWhatIsLookedAtCounts() {
        GridWindow all = GridWindow.of(space.edge().inside());
        GridWindow middle = new GridWindow(all.width() / 2 - 10, all.height() / 2 - 10, 20, 20);

        double side = 20 * space.edge().inside().step();
        assertThat(closing.missed(space.placed(), middle)).isCloseTo(side * side, within(1e-6));
    }

    @RepeatedTest(8)
    void whatIsMissedIsWhatTheClosingOfTheCopiesLeaves(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        for (int i = 0; i < 10 + 4 * run.getCurrentRepetition(); i++) {
            space.put(new Placement(
                    Motifs.DISC,
                    80 * random.nextDouble(),
                    60 * random.nextDouble(),
                    0,
                    8 + 6 * random.nextDouble(),
                    false));
        }
        Geometry copies = UnaryUnionOp.union(space.placed().stream()
                .map(p -> Motif.transformed(
                        p.placement().motif().flat(), p.placement().map()))
                .toList());
        Geometry closing = copies.buffer(RADIUS, 32).buffer(-RADIUS, 32);

        assertThat(missed()).isCloseTo(page.difference(closing).getArea(), within(0.02 * page.getArea()));
    }

    @Test
    void aNarrowWayBetweenTwoCopiesIsNotMissed() {
        for (int i = 0; i < 2; i++) {
            space.put(new Placement(Motifs.DISC, 27 + 26 * i, 30, 0, 25, false));
        }
        Geometry two = UnaryUnionOp.union(List.of(
                Motif.transformed(
                        Motifs.DISC.flat(), space.placed().get(0).placement().map()),
                Motif.transformed(
                        Motifs.DISC.flat(), space.placed().get(1).placement().map())));

        assertThat(80 * 60 - missed()).isGreaterThan(two.getArea() + 20);
    }
}

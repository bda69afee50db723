package rondel.gang.rows;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.job.RowSettings;
import rondel.job.RowSettings.Alternate;
import rondel.job.RowSettings.Turns;
import rondel.words.Refusal;

/** Pieces in rows on the stock. */
class StepAndRepeatTest {

    private static final double EXACT = 0.001;

    private static RowSettings with(Turns turns, double gx, double gy) {
        return new RowSettings(gx, gy, turns, Alternate.NONE, true);
    }

    private static int formula(double room, double side, double gutter) {
        int n = 0;
        while ((n + 1) * side + n * gutter <= room + 1e-7) {
            n++;
        }
        return n;
    }

    private static void areApart(List<RowPlace> places, double w, double h, RowSettings s, Box area) {
        for (int i = 0; i < places.size(); i++) {
            Box a = places.get(i).box(w, h);
            assertThat(area.grown(EXACT).contains(a)).isTrue();
            for (int j = i + 1; j < places.size(); j++) {
                Box b = places.get(j).box(w, h);
                double dx = Math.max(b.x() - a.right(), a.x() - b.right());
                double dy = Math.max(b.y() - a.bottom(), a.y() - b.bottom());
                assertThat(dx >= s.gutterX() - EXACT || dy >= s.gutterY() - EXACT)
                        .as("%s and %s", a, b)
                        .isTrue();
            }
        }
    }

    @Test
    void countsAreTheFormulasAndTurnsAreNeverWorse() {
        Random random = new Random(7);
        int gained = 0;
        for (int i = 0; i < 1000; i++) {
            Box area = new Box(
                    random.nextDouble() * 10,
                    random.nextDouble() * 10,
                    100 + random.nextDouble() * 400,
                    100 + random.nextDouble() * 400);
            double w = 20 + random.nextDouble() * 79;
            double h = 20 + random.nextDouble() * 79;
            double gx = random.nextInt(3) == 0 ? 0 : random.nextDouble() * 8;
            double gy = random.nextInt(3) == 0 ? 0 : random.nextDouble() * 8;
            int upright = formula(area.width(), w, gx) * formula(area.height(), h, gy);
            int turned = formula(area.width(), h, gx) * formula(area.height(), w, gy);

            List<RowPlace> plain = StepAndRepeat.fill(area, w, h, with(Turns.NONE, gx, gy));
            assertThat(plain).hasSize(upright);
            areApart(plain, w, h, with(Turns.NONE, gx, gy), area);
            assertThat(StepAndRepeat.fill(area, w, h, with(Turns.QUARTER, gx, gy)))
                    .hasSize(Math.max(upright, turned));
            List<RowPlace> mixed = StepAndRepeat.fill(area, w, h, with(Turns.MIXED, gx, gy));
            assertThat(mixed).hasSizeGreaterThanOrEqualTo(Math.max(upright, turned));
            areApart(mixed, w, h, with(Turns.MIXED, gx, gy), area);
            gained += mixed.size() > Math.max(upright, turned) ? 1 : 0;
        }
        assertThat(gained).isGreaterThan(150);
    }

    @Test
    void guttersAreExactAndWhatIsLeftIsSharedByBothSides() {
        Box letter = new Box(0, 0, 215.9, 279.4);
        List<RowPlace> places = StepAndRepeat.fill(letter, 50.8, 76.2, with(Turns.NONE, 3.175, 3.175));
        assertThat(places).hasSize(12);
        assertThat(places.get(1).x() - places.get(0).x()).isCloseTo(53.975, within(1e-9));
        assertThat(places.getFirst().x()).isCloseTo((215.9 - 4 * 50.8 - 3 * 3.175) / 2, within(1e-9));
        RowSettings corner = new RowSettings(3.175, 3.175, Turns.NONE, Alternate.NONE, false);
        assertThat(StepAndRepeat.fill(letter, 50.8, 76.2, corner).getFirst()).isEqualTo(new RowPlace(0, 0, 0));
    }

    @Test
    void someTurnedAreMoreThanAllTurned() {
        // Six of 2 by 1 fill 4 by 3, and one more stands upright in the strip that is left of 5 by 3.
        List<RowPlace> places = StepAndRepeat.fill(new Box(0, 0, 50, 30), 20, 10, with(Turns.MIXED, 0, 0));
        assertThat(places).hasSize(7);
        assertThat(places.stream().filter(RowPlace::turned)).hasSize(1);
    }

    @Test
    void everySecondRowIsShiftedByHalfAStep() {
        RowSettings bricks = new RowSettings(2, 2, Turns.NONE, Alternate.SHIFTED, false);
        List<RowPlace> places = StepAndRepeat.fill(new Box(0, 0, 100, 40), 18, 18, bricks);
        assertThat(places).extracting(RowPlace::x).startsWith(0.0, 20.0).contains(10.0, 30.0);
        assertThat(places).hasSize(5 + 4);
    }

    @Test
    void aPieceLargerThanTheStockIsRefused() {
        assertThatThrownBy(() -> StepAndRepeat.fill(new Box(0, 0, 100, 100), 120, 20, RowSettings.USUAL))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("larger");
        assertThatThrownBy(() -> new RowSettings(-1, 0, Turns.NONE, Alternate.NONE, true))
                .isInstanceOf(Refusal.class);
    }
}

package rondel.handoff.preview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;

class PieceRowsTest {

    private static final double SIDE = 200;

    private static PieceRows.Laid laid(double gap, double under, Box... boxes) {
        return new PieceRows(List.of(boxes), SIDE, gap, under).laid();
    }

    @Test
    void onePieceFillsTheSquare() {
        PieceRows.Laid wide = laid(5, 0, new Box(30, 40, 50, 20));
        assertThat(wide.scale()).isCloseTo(4, within(1e-9));
        assertThat(wide.places().getFirst().x()).isCloseTo(0, within(1e-9));
        assertThat(wide.places().getFirst().centre().y()).isCloseTo(100, within(1e-9));
        PieceRows.Laid named = laid(5, 10, new Box(0, 0, 10, 50));
        assertThat(named.scale()).isCloseTo(3.8, within(1e-9));
        assertThat(named.places().getFirst().bottom()).isCloseTo(190, within(1e-9));
    }

    @Test
    void fourSquaresStandTwoByTwo() {
        Box b = new Box(0, 0, 30, 30);
        PieceRows.Laid laid = laid(8, 0, b, b, b, b);
        assertThat(laid.scale()).isCloseTo(96 / 30.0, within(1e-6));
        assertThat(laid.places().get(3).right()).isCloseTo(SIDE, within(1e-3));
        assertThat(laid.places().get(3).bottom()).isCloseTo(SIDE, within(1e-3));
    }

    @Test
    void howeverManyTheyAreTheyKeepTheirOrderTheirShapeAndTheirGaps() {
        Random random = new Random(11);
        for (int round = 0; round < 60; round++) {
            List<Box> boxes = new ArrayList<>();
            for (int i = 1 + random.nextInt(40); i > 0; i--) {
                boxes.add(new Box(0, 0, 2 + random.nextDouble(60), 2 + random.nextDouble(60)));
            }
            double gap = random.nextDouble(4);
            double under = random.nextBoolean() ? 0 : 3;
            PieceRows.Laid laid = new PieceRows(boxes, SIDE, gap, under).laid();
            List<Box> places = laid.places();
            assertThat(places).hasSameSizeAs(boxes);
            for (int i = 0; i < places.size(); i++) {
                Box p = places.get(i);
                assertThat(p.width()).isCloseTo(laid.scale() * boxes.get(i).width(), within(1e-6));
                assertThat(p.height()).isCloseTo(laid.scale() * boxes.get(i).height(), within(1e-6));
                assertThat(p.x() > -1e-6 && p.right() < SIDE + 1e-6).isTrue();
                assertThat(p.y() > -1e-6 && p.bottom() + under < SIDE + 1e-6).isTrue();
                for (int k = 0; k < i; k++) {
                    Box before = places.get(k);
                    boolean beside = before.right() + gap < p.x() + 1e-6 || p.right() + gap < before.x() + 1e-6;
                    boolean above = before.bottom() + under + gap < p.y() + 1e-6;
                    assertThat(beside || above).isTrue();
                }
            }
        }
    }
}

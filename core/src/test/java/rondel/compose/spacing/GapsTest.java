package rondel.compose.spacing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;

class GapsTest {

    private static final Box SHEET = new Box(0, 0, 300, 200);

    @Test
    void eachDirectionReadsToTheNearestThingThatFacesOrToTheEdge() {
        Box box = new Box(100, 50, 50, 40);
        Gaps gaps = Gaps.of(
                box,
                List.of(
                        new Box(20, 60, 60, 10),
                        new Box(0, 60, 90, 5),
                        new Box(160, 150, 10, 10),
                        new Box(110, 0, 5, 20)),
                SHEET);
        assertThat(gaps.left().distance()).isEqualTo(10);
        assertThat(gaps.right().distance()).isEqualTo(150);
        assertThat(gaps.right().toEdge()).isTrue();
        assertThat(gaps.above().distance()).isEqualTo(30);
        assertThat(gaps.below().distance()).isEqualTo(110);
        assertThat(gaps.nearest()).contains(gaps.left());
    }

    @Test
    void aThingThatReachesPastTheEdgeReadsANegativeGap() {
        assertThat(Gaps.of(new Box(-5, 10, 20, 20), List.of(), SHEET).left().distance())
                .isEqualTo(-5);
    }
}

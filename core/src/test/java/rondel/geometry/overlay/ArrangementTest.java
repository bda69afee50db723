package rondel.geometry.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.PrecisionModel;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;

class ArrangementTest {

    private static final PrecisionModel GRID = new PrecisionModel(1e6);

    private static Sources sources(Shape... shapes) {
        List<Operand> operands = Stream.of(shapes)
                .map(s -> new Operand(Outline.of(s), FillRule.NON_ZERO))
                .toList();
        return new Sources(operands, 0.01, GRID);
    }

    private static Rectangle2D square(double x, double y, double side) {
        return new Rectangle2D.Double(x, y, side, side);
    }

    @Test
    void twoSquaresThatOverlapMakeThreeFacesAndTheRest() {
        Arrangement plane = new Arrangement(sources(square(0, 0, 10), square(5, 5, 10)), GRID);

        assertThat(plane.faceCount()).isEqualTo(4);
        assertThat(plane.parts()).isEqualTo(1);
        assertThat(plane.edgeCount()).isEqualTo(8 + 4);
    }

    @Test
    void aSideThatTwoShareIsOneEdgeOfBothRunningEitherWay() {
        NodedEdges edges = NodedEdges.of(sources(square(0, 0, 10), square(10, 0, 10)), GRID);

        int[][] shared =
                Arrays.stream(edges.sources()).filter(s -> s.length == 2).toArray(int[][]::new);
        assertThat(edges.lines()).hasNumberOfRows(7);
        assertThat(shared).hasNumberOfRows(1);
        assertThat((shared[0][0] & 1) + (shared[0][1] & 1)).isEqualTo(1);
        assertThat(IntStream.range(0, 7).filter(e -> edges.sources()[e].length == 2))
                .allSatisfy(e -> assertThat(edges.parameters()[e]).containsExactlyInAnyOrder(0, 1, 0, 1));
    }

    /** Noding is most of the work, and a library's. */
    @Test
    void whatIsCalledOffWhileLinesAreNodedEndsThere() {
        Sources sources = sources(square(0, 0, 10), square(5, 5, 10));
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> NodedEdges.of(sources, GRID)).isInstanceOf(CancellationException.class);
        } finally {
            assertThat(Thread.interrupted()).isTrue();
        }
    }

    @Test
    void theSameCurveTwiceIsThereOnce() {
        Shape disc = new Ellipse2D.Double(0, 0, 10, 10);

        NodedEdges twice = NodedEdges.of(sources(disc, disc), GRID);

        assertThat(Stream.of(twice.sources())).allSatisfy(s -> assertThat(s).hasSize(2));
        assertThat(Stream.of(twice.parameters())).allSatisfy(t -> {
            assertThat(t[2]).isEqualTo(t[0]);
            assertThat(t[3]).isEqualTo(t[1]);
        });
        assertThat(new Arrangement(sources(disc, disc), GRID).faceCount()).isEqualTo(2);
    }

    @Test
    void whatLiesApartIsAPartOfItsOwnWithAFaceAroundIt() {
        Arrangement plane = new Arrangement(sources(square(0, 0, 10), square(2, 2, 3), square(40, 0, 5)), GRID);

        assertThat(plane.parts()).isEqualTo(3);
        assertThat(plane.faceCount()).isEqualTo(6);
        assertThat(IntStream.range(0, 3).map(plane::around)).doesNotHaveDuplicates();
    }

    @Test
    void roundAFaceTheWayLeadsBackToWhereItBegan() {
        Arrangement plane =
                new Arrangement(sources(square(0, 0, 10), square(5, 5, 10), new Ellipse2D.Double(3, 3, 9, 4)), GRID);

        for (int f = 0; f < plane.faceCount(); f++) {
            int first = plane.halfEdgeOf(f);
            int steps = 0;
            int at = first;
            do {
                assertThat(plane.face(at)).isEqualTo(f);
                at = plane.next(at);
                steps++;
            } while (at != first && steps <= 2 * plane.edgeCount());
            assertThat(at).isEqualTo(first);
        }
    }
}

package rondel.geometry.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.words.Refusal;

class PlainShapeTest {

    private static Edge edge(Edge.Style style, double pitch) {
        return new Edge(style, pitch, 0);
    }

    private static Stream<PlainShape> shapes() {
        Stream<PlainShape> edged = Stream.of(Edge.Style.values())
                .filter(s -> s != Edge.Style.PLAIN)
                .flatMap(s -> Stream.of(
                        new BoxShape(66.421, 86.868, Corners.USUAL, edge(s, 6)),
                        new BoxShape(66.421, 86.868, Corners.all(Corners.Style.ROUND, 9), edge(s, 5)),
                        new OvalShape(66.421, 86.868, edge(s, 6))));
        return Stream.concat(
                Stream.of(
                        BoxShape.of(66.421, 86.868),
                        new BoxShape(66.421, 86.868, new Corners(Corners.Style.ROUND, 1, 2, 30, 50), Edge.USUAL),
                        new BoxShape(66.421, 86.868, Corners.all(Corners.Style.CUT, 7), Edge.USUAL),
                        new BoxShape(66.421, 86.868, Corners.all(Corners.Style.HOLLOWED, 7), Edge.USUAL),
                        OvalShape.of(66.421, 86.868),
                        new PolygonShape(66.421, 86.868, 7),
                        new StarShape(66.421, 86.868, 9, 0.4),
                        new HeartShape(66.421, 86.868),
                        new TagShape(66.421, 86.868, 12, 5, 9),
                        new BannerShape(66.421, 86.868, 12),
                        new ArrowShape(66.421, 86.868, 30, 20),
                        new RingShape(66.421, 86.868, 8),
                        new BalloonShape(66.421, 86.868, 8, 15, 12, 0.3, 0.1)),
                edged);
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void aShapeFillsItsFrameToATenThousandthOfAMillimetre(PlainShape shape) {
        Box box = shape.outline().bounds().orElseThrow();

        assertThat(box.x()).isCloseTo(0, within(1e-4));
        assertThat(box.y()).isCloseTo(0, within(1e-4));
        assertThat(box.width()).isCloseTo(66.421, within(1e-4));
        assertThat(box.height()).isCloseTo(86.868, within(1e-4));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void itIsClosedRunsClockwiseAndDoesNotCrossItself(PlainShape shape) {
        List<Contour> contours = Contour.of(shape.outline());

        assertThat(contours).allMatch(Contour::closed);
        assertThat(contours.getFirst().area()).isPositive();
        double area = contours.stream().mapToDouble(Contour::area).sum();
        double united = Contour.of(rondel.geometry.overlay.Overlay.united(shape.outline())).stream()
                .mapToDouble(Contour::area)
                .sum();
        assertThat(Math.abs(united)).isCloseTo(area, within(1e-2));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void stretchingGivesAShapeOfTheNewSizeAndScalingEvenlyTheSameOutlineScaled(PlainShape shape) {
        Box box = shape.scaled(1.7, 0.8).outline().bounds().orElseThrow();
        assertThat(box.width()).isCloseTo(66.421 * 1.7, within(1e-4));
        assertThat(box.height()).isCloseTo(86.868 * 0.8, within(1e-4));

        Outline even = shape.scaled(2, 2).outline();
        assertThat(even.isNear(shape.outline().transformed(rondel.geometry.Affine.scale(2, 2)), 1e-6))
                .isTrue();
    }

    @Test
    void aRoundCornerIsAQuarterCircleOfItsRadiusHoweverTheBoxIsStretched() {
        BoxShape box = new BoxShape(40, 30, Corners.all(Corners.Style.ROUND, 5), Edge.USUAL).sized(2, 1.1, 1);

        for (Bezier b : Contour.of(box.outline()).getFirst().segments()) {
            for (double t = 0; b.order() == 3 && t <= 1; t += 0.125) {
                Point p = b.at(t);
                double cx = p.x() < 40 ? 5 : 75;
                double cy = p.y() < 15 ? 5 : 28;
                assertThat(p.distanceTo(new Point(cx, cy))).isCloseTo(5, within(1e-4));
            }
        }
        assertThat(box.width()).isEqualTo(80);
    }

    @Test
    void scallopsAreWholeHalfCirclesAndAStretchedBoxHasMoreOfThem() {
        BoxShape box = new BoxShape(60, 30, Corners.USUAL, edge(Edge.Style.SCALLOPED, 6));
        // Inside the scallops of 3 mm the line is 54 by 24: 9 and 4 of 6 mm.
        assertThat(scallops(box)).isEqualTo(2 * (9 + 4));
        assertThat(scallops((BoxShape) box.scaled(2, 1))).isEqualTo(2 * (19 + 4));
    }

    private static long scallops(BoxShape box) {
        List<Bezier> arcs = Contour.of(box.outline()).getFirst().segments();
        assertThat(arcs).allMatch(b -> b.order() == 3);
        assertThat(arcs.size() % 4).isZero();
        return arcs.size() / 4;
    }

    @Test
    void figuresThatCantBeAreRefusedInASentence() {
        assertThatThrownBy(() -> BoxShape.of(0, 10)).isInstanceOf(Refusal.class).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new StarShape(10, 10, 2, 0.5)).hasMessageContaining("points");
        assertThatThrownBy(() -> new StarShape(10, 10, 5, 1.5)).hasMessageContaining("depth");
        assertThatThrownBy(() -> new Edge(Edge.Style.ZIGZAG, 0.01, 0)).hasMessageContaining("pitch");
        assertThatThrownBy(() -> new RingShape(10, Double.NaN, 1)).isInstanceOf(Refusal.class);
    }

    @Test
    void anyFiguresGiveAFiniteOutlineInsideTheFrame() {
        Random random = new Random(21);
        for (int i = 0; i < 3000; i++) {
            double w = Math.exp(random.nextDouble() * 9 - 3);
            double h = Math.exp(random.nextDouble() * 9 - 3);
            double a = random.nextDouble() * w * 1.5;
            double b = random.nextDouble() * h * 1.5;
            Edge edge = new Edge(
                    Edge.Style.values()[random.nextInt(5)], 0.2 + random.nextDouble() * 20, random.nextDouble() * 12);
            PlainShape shape =
                    switch (random.nextInt(8)) {
                        case 0 ->
                            new BoxShape(
                                    w, h, new Corners(Corners.Style.values()[random.nextInt(3)], a, b, 0, a), edge);
                        case 1 -> new OvalShape(w, h, edge);
                        case 2 -> new TagShape(w, h, a, b, a);
                        case 3 -> new BannerShape(w, h, a);
                        case 4 -> new ArrowShape(w, h, a, b);
                        case 5 -> new RingShape(w, h, a);
                        case 6 -> new BalloonShape(w, h, a, b, a, random.nextDouble(), random.nextDouble());
                        default -> new StarShape(w, h, 3 + random.nextInt(20), random.nextDouble());
                    };
            Box box = shape.outline().bounds().orElseThrow();
            double room = 0.02 * Math.max(w, h);
            assertThat(new Box(0, 0, w, h).grown(room).contains(box))
                    .as("%s %s", shape, box)
                    .isTrue();
        }
    }
}

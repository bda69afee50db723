package rondel.compose.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.shape.ArrowShape;
import rondel.geometry.shape.BalloonShape;
import rondel.geometry.shape.BannerShape;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolygonShape;
import rondel.geometry.shape.RingShape;
import rondel.geometry.shape.StarShape;
import rondel.geometry.shape.TagShape;
import rondel.words.Refusal;

/** The figures of plain shapes: read off, changed one by one, dragged by handles, and drawn by a drag. */
class ShapeFiguresTest {

    private static final Edge SCALLOPS = new Edge(Edge.Style.SCALLOPED, 6, 3);

    private static final List<PlainShape> SHAPES = List.of(
            new BoxShape(60, 40, Corners.all(Corners.Style.ROUND, 4), SCALLOPS),
            new OvalShape(50, 40, SCALLOPS),
            PolygonShape.regular(6, 50),
            StarShape.regular(5, 0.5, 50),
            StarShape.regular(8, 0.3, 50),
            new TagShape(50, 80, 12, 5, 9),
            new BannerShape(80, 25, 10),
            new ArrowShape(50, 25, 20, 10),
            new RingShape(50, 50, 6),
            new BalloonShape(66, 50, 8, 12, 10, 0.3, 0.15),
            new LineShape(0, 0, 30, 10));

    @Test
    void everyFigureThatIsReadCanBeSetToWhatItIs() {
        for (PlainShape s : SHAPES) {
            assertThat(ShapeFigures.of(s)).isNotEmpty();
            for (ShapeFigure f : ShapeFigures.of(s)) {
                PlainShape same =
                        switch (f) {
                            case ShapeFigure.Length l -> ShapeFigures.with(s, l.name(), l.mm().orElseThrow());
                            case ShapeFigure.Count c -> ShapeFigures.with(s, c.name(), c.value());
                            case ShapeFigure.Share p -> ShapeFigures.with(s, p.name(), p.part());
                            case ShapeFigure.Choice c -> ShapeFigures.with(s, c.name(), c.value());
                        };
                assertThat(same).as(f.name()).isEqualTo(s);
            }
        }
    }

    @Test
    void oneCornerChangesAloneAndAllTogether() {
        PlainShape box = BoxShape.of(60, 40);
        PlainShape one = ShapeFigures.with(box, "corners.topRight", 7);
        assertThat(((BoxShape) one).corners()).isEqualTo(new Corners(Corners.Style.ROUND, 0, 7, 0, 0));
        assertThat(ShapeFigures.of(one))
                .contains(new ShapeFigure.Length("corners.all", java.util.OptionalDouble.empty()));
        PlainShape all = ShapeFigures.with(one, "corners.all", 3);
        assertThat(((BoxShape) all).corners()).isEqualTo(Corners.all(Corners.Style.ROUND, 3));
    }

    @Test
    void aPlainEdgeThatGetsScallopsGetsThemAtAUsualSize() {
        PlainShape box = BoxShape.of(60, 40);
        assertThat(ShapeFigures.of(box)).noneMatch(f -> f.name().equals("edge.pitch"));
        PlainShape edged = ShapeFigures.with(box, "edge.style", Edge.Style.SCALLOPED);
        assertThat(((BoxShape) edged).edge()).isEqualTo(SCALLOPS);
        assertThat(ShapeFigures.with(edged, "edge.style", Edge.Style.PLAIN)).isEqualTo(box);
    }

    @Test
    void whatCantBeIsRefusedWithItsReason() {
        assertThatThrownBy(() -> ShapeFigures.with(StarShape.regular(5, 0.5, 50), "points", 2))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aHandleThatIsNotMovedChangesNothing() {
        for (PlainShape s : SHAPES) {
            for (ShapeHandle h : ShapeHandles.of(s)) {
                Box before = s.outline().bounds().orElseThrow();
                PlainShape same = h.moved().apply(h.at());
                Box after = same.outline().bounds().orElseThrow();
                assertThat(Box.around(List.of(before, after)).orElseThrow().width())
                        .isCloseTo(before.width(), within(1e-9));
                assertThat(ShapeFigures.rounded(s, same, 0.001))
                        .as("%s of %s", h.figure(), s)
                        .isEqualTo(s);
            }
        }
    }

    @Test
    void handlesMayBeDraggedAnywhereAndTheShapeKeepsItsFrame() {
        Random random = new Random(5);
        for (PlainShape s : SHAPES.subList(0, SHAPES.size() - 1)) {
            Box frame = s.outline().bounds().orElseThrow();
            for (ShapeHandle h : ShapeHandles.of(s)) {
                for (int i = 0; i < 50; i++) {
                    Point to = new Point(random.nextDouble() * 300 - 100, random.nextDouble() * 300 - 100);
                    Box now = h.moved().apply(to).outline().bounds().orElseThrow();
                    assertThat(now.width()).as("%s of %s", h.figure(), s).isCloseTo(frame.width(), within(0.05));
                    assertThat(now.height()).as("%s of %s", h.figure(), s).isCloseTo(frame.height(), within(0.05));
                }
            }
        }
    }

    @Test
    void theHandleOfPointsSaysHowManyByItsTurn() {
        ShapeHandle points = ShapeHandles.of(StarShape.regular(5, 0.5, 50)).get(1);
        StarShape star = (StarShape) points.moved().apply(new Point(35, 5));
        assertThat(star.points()).isGreaterThan(7);
        PolygonShape polygon = (PolygonShape)
                ShapeHandles.of(PolygonShape.regular(6, 50)).getFirst().moved().apply(new Point(-40, 40));
        assertThat(polygon.sides()).isEqualTo(3);
    }

    @Test
    void aDragDrawsTheFrameBetweenItsEnds() {
        DrawnShape drawn = DrawnShape.between(
                BoxShape.of(50, 40), new Point(30, 20), new Point(10, 50), new DrawnShape.Way(false, false));
        assertThat(drawn).isEqualTo(new DrawnShape(BoxShape.of(20, 30), 10, 20));
        DrawnShape square = DrawnShape.between(
                BoxShape.of(50, 40), new Point(30, 20), new Point(10, 50), new DrawnShape.Way(true, false));
        assertThat(square).isEqualTo(new DrawnShape(BoxShape.of(30, 30), 0, 20));
        DrawnShape middle = DrawnShape.between(
                BoxShape.of(50, 40), new Point(30, 20), new Point(40, 25), new DrawnShape.Way(false, true));
        assertThat(middle).isEqualTo(new DrawnShape(BoxShape.of(20, 10), 20, 15));
    }

    @Test
    void linesDrawnWithEqualSidesRunAtMultiplesOf45Degrees() {
        DrawnShape line = DrawnShape.between(
                new LineShape(0, 0, 50, 0), new Point(10, 10), new Point(30, 29), new DrawnShape.Way(true, false));
        LineShape l = (LineShape) line.shape();
        assertThat(l.x2()).isCloseTo(19.5, within(1e-9));
        assertThat(l.y2()).isCloseTo(19.5, within(1e-9));
    }
}

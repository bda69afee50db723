package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.Stroke;
import rondel.job.Traits;

/** Stitches by their figures: what is covered, how long they are, and where they lie. */
class StitchPlanTest {

    private static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    private static final Rgba CORAL = new Rgba(0xe0, 0x70, 0x5a, 255);
    private static final double THREAD = 0.4;

    private static Outline oval(double x, double y, double w, double h) {
        return OvalShape.of(w, h).outline().transformed(Affine.translate(x, y));
    }

    private static Outline without(Outline a, Outline b) {
        return Overlay.of(List.of(new Operand(a, FillRule.NON_ZERO), new Operand(b, FillRule.NON_ZERO)))
                .subtract();
    }

    private static Map<String, Outline> shapes() {
        Map<String, Outline> all = new LinkedHashMap<>();
        all.put("disc", oval(5, 5, 30, 30));
        all.put("ring", without(oval(5, 5, 40, 40), oval(15, 15, 20, 20)));
        all.put("crescent", without(oval(5, 5, 40, 40), oval(17, 3, 40, 40)));
        all.put("star", StarShape.regular(5, 0.45, 20).outline().transformed(Affine.translate(25, 25)));
        all.put("heart", new HeartShape(34, 30).outline().transformed(Affine.translate(5, 5)));
        all.put("islands", oval(5, 5, 14, 10).plus(oval(30, 20, 10, 14)));
        Outline comb = Outline.rectangle(new Box(5, 5, 40, 8));
        for (int i = 0; i < 5; i++) {
            comb = Overlay.of(List.of(
                            new Operand(comb, FillRule.NON_ZERO),
                            new Operand(Outline.rectangle(new Box(5 + i * 9, 10, 4, 25)), FillRule.NON_ZERO)))
                    .unite();
        }
        all.put("comb", comb);
        return all;
    }

    private static Element stitched(String id, Outline outline, Paint fill, StitchSettings how) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(Role.STITCH).withStitch(Optional.of(how)),
                outline,
                FillRule.NON_ZERO,
                fill,
                fill.visible() ? Optional.empty() : Optional.of(Stroke.plain(SEA, 0.4)));
    }

    private static StitchPattern sewn(Element... elements) {
        return StitchPlan.of(Sheet.of(new SheetId("s"), "Hoop", 100, 100).withElements(List.of(elements)));
    }

    private static StitchSettings plainFill() {
        return StitchSettings.USUAL.withKind(Kind.FILL).withUnderlay(List.of()).withCompensation(OptionalDouble.of(0));
    }

    private static Geometry cloth(StitchPattern pattern) {
        List<Geometry> lines = new ArrayList<>();
        GeometryFactory factory = new GeometryFactory();
        Point before = null;
        for (Stitch s : pattern.stitches()) {
            if (before != null && s.move() == Stitch.Move.SEW && before.distanceTo(s.at()) > 0) {
                LineString line = factory.createLineString(
                        new Coordinate[] {new Coordinate(before.x(), before.y()), new Coordinate(s.at().x(), s.at().y())
                        });
                lines.add(line.buffer(THREAD / 2, 4));
            }
            before = s.at();
        }
        return UnaryUnionOp.union(lines);
    }

    @Test
    void fillsCoverTheirShapesAndStayInside() {
        for (double angle : new double[] {0, 30, 90}) {
            shapes().forEach((name, outline) -> {
                StitchPattern pattern = sewn(
                        stitched(name, outline, Paint.solid(SEA), plainFill().withAngle(angle)));
                Geometry area = FlatArea.of(outline, 0.01);
                Geometry bare = area.difference(cloth(pattern));
                assertThat(bare.getArea() / area.getArea())
                        .as(name + " at " + angle)
                        .isLessThan(0.03);
                assertThat(bare.buffer(-0.3).isEmpty())
                        .as(name + " at " + angle)
                        .isTrue();
                Geometry grown = area.buffer(0.15);
                for (Stitch s : pattern.stitches()) {
                    assertThat(grown.covers(new GeometryFactory().createPoint(new Coordinate(s.at().x(), s.at().y()))))
                            .as(name + " at " + angle)
                            .isTrue();
                }
            });
        }
    }

    @Test
    void stitchesAreNeitherTooShortNorTooLongAndNoThreadLiesAcrossOpenCloth() {
        shapes().forEach((name, outline) -> {
            StitchPattern pattern = sewn(stitched(name, outline, Paint.solid(SEA), StitchSettings.USUAL));
            Geometry area = FlatArea.of(outline, 0.01).buffer(0.5);
            Point before = null;
            for (Stitch s : pattern.stitches()) {
                if (before != null && s.move() == Stitch.Move.SEW && before.distanceTo(s.at()) > 0) {
                    assertThat(before.distanceTo(s.at())).as(name).isBetween(0.499, 7.0);
                    assertThat(area.covers(new GeometryFactory()
                                    .createPoint(new Coordinate(
                                            (before.x() + s.at().x()) / 2, (before.y() + s.at().y()) / 2))))
                            .as(name)
                            .isTrue();
                }
                before = s.at();
            }
        });
    }

    @Test
    void twiceTheSizeIsFourTimesTheStitchesOfTheSameLength() {
        Outline star = StarShape.regular(5, 0.45, 16).outline().transformed(Affine.translate(20, 20));
        StitchPattern small = sewn(stitched("star", star, Paint.solid(SEA), plainFill()));
        StitchPattern large = sewn(
                stitched("star", star, Paint.solid(SEA), plainFill()).with(t -> t.withPlacement(Affine.scale(2, 2))));
        assertThat(large.threadLength() / small.threadLength()).isCloseTo(4, within(0.4));
        assertThat(usual(large)).isCloseTo(usual(small), within(0.1));
    }

    private static double usual(StitchPattern pattern) {
        List<Double> lengths = new ArrayList<>();
        Point before = Point.ORIGIN;
        for (Stitch s : pattern.stitches()) {
            if (s.move() == Stitch.Move.SEW && before.distanceTo(s.at()) > 1) {
                lengths.add(before.distanceTo(s.at()));
            }
            before = s.at();
        }
        lengths.sort(null);
        return lengths.get(lengths.size() / 2);
    }

    @Test
    void runningStitchesAreEvenAndKeepCorners() {
        Outline square = new OutlineBuilder()
                .moveTo(10, 10)
                .lineTo(31, 10)
                .lineTo(31, 31)
                .lineTo(10, 31)
                .close()
                .build();
        StitchSettings running = StitchSettings.USUAL.withKind(Kind.RUNNING);
        StitchPattern pattern = sewn(stitched("square", square, Paint.NONE, running));
        List<Point> down = pattern.stitches().stream()
                .filter(s -> s.move() == Stitch.Move.SEW)
                .map(Stitch::at)
                .toList();
        assertThat(down).contains(new Point(31, 10), new Point(31, 31), new Point(10, 31));
        // 21 mm in nine stitches a side, and the ties.
        assertThat(pattern.count()).isBetween(36, 44);
        StitchPattern triple = sewn(stitched("square", square, Paint.NONE, running.withKind(Kind.TRIPLE)));
        assertThat(triple.threadLength()).isCloseTo(3 * 84, within(6.0));
    }

    @Test
    void eachColourIsAThreadAndWhatLiesApartIsCut() {
        StitchPattern pattern = sewn(
                stitched("a", oval(5, 5, 10, 10), Paint.solid(SEA), StitchSettings.USUAL),
                stitched("b", oval(60, 60, 10, 10), Paint.solid(SEA), StitchSettings.USUAL),
                stitched("c", oval(30, 30, 10, 10), Paint.solid(CORAL), StitchSettings.USUAL));
        assertThat(pattern.runs()).extracting(ThreadRun::thread).containsExactly(SEA, CORAL);
        assertThat(pattern.trims()).isPositive();
        assertThat(pattern.extent().orElseThrow().width()).isCloseTo(65, within(1.0));
    }
}

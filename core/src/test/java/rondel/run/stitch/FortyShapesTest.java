package rondel.run.stitch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.StarShape;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StitchSettings;
import rondel.job.StitchSettings.Kind;
import rondel.job.Traits;

/** Eight shapes at five sizes, in rows and by their shape: what is covered, what lies outside, how long stitches are, and that no thread lies across open cloth. */
class FortyShapesTest {

    private static final double COMPENSATION = 0.2;

    private static Outline oval(double x, double y, double w, double h) {
        return OvalShape.of(w, h).outline().transformed(Affine.translate(x, y));
    }

    private static Outline box(double x, double y, double w, double h) {
        return Outline.rectangle(new Box(x, y, w, h));
    }

    private static Outline without(Outline a, Outline b) {
        return Overlay.of(List.of(new Operand(a, FillRule.NON_ZERO), new Operand(b, FillRule.NON_ZERO)))
                .subtract();
    }

    /** The letter E, as wide strokes. */
    private static Outline letter() {
        return Overlay.united(
                box(0, 0, 6, 40).plus(box(0, 0, 24, 6)).plus(box(0, 17, 20, 6)).plus(box(0, 34, 24, 6)));
    }

    private static Map<String, Outline> shapes() {
        Map<String, Outline> all = new LinkedHashMap<>();
        for (double k : new double[] {0.3, 0.5, 0.8, 1.2, 1.6}) {
            Map<String, Outline> some = new LinkedHashMap<>();
            some.put("disc", oval(0, 0, 40, 40));
            some.put("ring", without(oval(0, 0, 40, 40), oval(10, 10, 20, 20)));
            some.put("crescent", without(oval(0, 0, 40, 40), oval(12, -2, 40, 40)));
            some.put("star", StarShape.regular(5, 0.45, 20).outline().transformed(Affine.translate(20, 20)));
            some.put("heart", new HeartShape(34, 30).outline());
            some.put("islands", oval(0, 0, 14, 10).plus(oval(25, 15, 10, 14)));
            some.put("letter", letter());
            some.put("bars", box(0, 0, 40, 4).plus(box(0, 8, 40, 2.5)));
            some.forEach((name, o) -> all.put(
                    name + " x " + k, o.transformed(Affine.translate(10, 10).times(Affine.scale(k, k)))));
        }
        return all;
    }

    private static StitchPattern sewn(Outline o, Kind kind) {
        ShapeElement shape = new ShapeElement(
                Traits.named("shape")
                        .withId(new ElementId("shape"))
                        .withRole(Role.STITCH)
                        .withStitch(Optional.of(StitchSettings.USUAL.withKind(kind))),
                o,
                FillRule.NON_ZERO,
                Paint.solid(new Rgba(0x1f, 0x6f, 0x6b, 255)),
                Optional.empty());
        return StitchPlan.of(Sheet.of(new SheetId("s"), "Hoop", 120, 120).withElements(List.of(shape)));
    }

    @ParameterizedTest
    @EnumSource(names = {"FILL", "AUTO"})
    void theyAreCoveredAndStayInside(Kind kind) {
        shapes().forEach((name, outline) -> {
            StitchPattern pattern = sewn(outline, kind);
            List<Stitch> stitches = pattern.stitches();
            BareCloth bare =
                    BareCloth.of(outline.toShape(FillRule.NON_ZERO), stitches).orElseThrow();
            assertThat(bare.share()).as(name).isLessThan(0.03);
            assertThat(bare.side()).as(name).isLessThanOrEqualTo(0.6);
            Geometry area = FlatArea.of(outline, 0.01);
            Geometry grown = area.buffer(COMPENSATION + 0.15);
            GeometryFactory factory = area.getFactory();
            for (int i = 0; i < stitches.size(); i++) {
                Stitch s = stitches.get(i);
                Coordinate at = new Coordinate(s.at().x(), s.at().y());
                assertThat(grown.covers(factory.createPoint(at))).as(name).isTrue();
                if (i > 0 && s.move() == Stitch.Move.SEW) {
                    Stitch before = stitches.get(i - 1);
                    double far = before.at().distanceTo(s.at());
                    assertThat(far == 0 || far > 0.499 && far < 7.001)
                            .as(name + ": a stitch of " + far)
                            .isTrue();
                    // Across open cloth: farther outside than a thread that is pulled over a hollow.
                    Geometry thread = factory.createLineString(new Coordinate[] {
                        new Coordinate(before.at().x(), before.at().y()), at
                    });
                    assertThat(thread.difference(area.buffer(1)).getLength())
                            .as(name)
                            .isLessThan(0.05);
                }
            }
        });
    }
}

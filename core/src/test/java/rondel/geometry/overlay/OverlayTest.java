package rondel.geometry.overlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.curve.Contour;

class OverlayTest {

    private static Outline circle(double x, double y, double r) {
        return Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
    }

    private static Overlay over(Outline... outlines) {
        return Overlay.of(List.of(outlines).stream()
                .map(o -> new Operand(o, FillRule.NON_ZERO))
                .toList());
    }

    static double area(Outline outline) {
        return Contour.of(outline).stream().mapToDouble(Contour::area).sum();
    }

    private static int nodes(Outline outline) {
        return Contour.of(outline).stream().mapToInt(c -> c.segments().size()).sum();
    }

    private static boolean allCurves(Outline outline) {
        return Contour.of(outline).stream().flatMap(c -> c.segments().stream()).allMatch(s -> s.order() > 1);
    }

    @Test
    void twoCirclesUniteIntoOneOutlineOfTheirOwnCurves() {
        Outline union = over(circle(0, 0, 10), circle(12, 0, 10)).unite();
        double lens = 2 * 100 * Math.acos(0.6) - 12 / 2.0 * Math.sqrt(4 * 100 - 144);
        assertThat(area(union)).isCloseTo(2 * area(circle(0, 0, 10)) - lens, within(0.05));
        assertThat(union.contours()).isEqualTo(1);
        assertThat(nodes(union)).isLessThanOrEqualTo(8);
        assertThat(allCurves(union)).isTrue();
        assertThat(union.bounds().orElseThrow().x()).isEqualTo(-10);
        Outline both = over(circle(0, 0, 10), circle(12, 0, 10)).intersect();
        assertThat(area(both) + area(union)).isCloseTo(2 * area(circle(0, 0, 10)), within(1e-9));
    }

    @Test
    void whatNothingCrossesComesBackAsTheVeryCurvesThatWentIn() {
        Outline ring = circle(0, 0, 10).plus(circle(40, 0, 5));
        Outline same = over(ring).unite();
        assertThat(Contour.of(same).stream().flatMap(c -> c.segments().stream()).toList())
                .containsExactlyInAnyOrderElementsOf(Contour.of(ring).stream()
                        .flatMap(c -> c.segments().stream())
                        .toList());
    }

    @Test
    void aHoleIsCutAndRunsTheOtherWay() {
        Outline square = Outline.rectangle(new Box(0, 0, 30, 30));
        Outline cut = over(square, circle(15, 15, 5)).subtract();
        assertThat(area(cut)).isCloseTo(900 - area(circle(0, 0, 5)), within(1e-6));
        assertThat(cut.contours()).isEqualTo(2);
        assertThat(area(over(cut).unite())).isCloseTo(area(cut), within(1e-9));
        assertThat(over(square, circle(15, 15, 5)).exclude()).isNotNull();
        assertThat(Regions.of(cut)).hasSize(1);
    }

    @Test
    void fillRulesAreKeptAndSelfCrossingsUnited() {
        OutlineBuilder star = new OutlineBuilder();
        for (int i = 0; i < 5; i++) {
            double a = Math.toRadians(144 * i);
            if (i == 0) {
                star.moveTo(10 * Math.sin(a), -10 * Math.cos(a));
            } else {
                star.lineTo(10 * Math.sin(a), -10 * Math.cos(a));
            }
        }
        Outline five = star.close().build();
        double whole = Math.abs(area(over(five).unite()));
        double odd =
                area(Overlay.of(List.of(new Operand(five, FillRule.EVEN_ODD))).unite());
        assertThat(nodes(over(five).unite())).isEqualTo(10);
        assertThat(odd).isLessThan(whole - 10);
        assertThat(Regions.of(Overlay.of(List.of(new Operand(five, FillRule.EVEN_ODD)))
                        .unite()))
                .hasSize(5);
    }

    @Test
    void squaresThatShareAnEdgeBecomeOneAndTouchingCornersStayTwo() {
        Outline united = over(Outline.rectangle(new Box(0, 0, 10, 10)), Outline.rectangle(new Box(10, 2, 10, 5)))
                .unite();
        assertThat(united.contours()).isEqualTo(1);
        assertThat(area(united)).isCloseTo(150, within(1e-9));
        Outline corners = over(Outline.rectangle(new Box(0, 0, 10, 10)), Outline.rectangle(new Box(10, 10, 10, 10)))
                .unite();
        assertThat(area(corners)).isCloseTo(200, within(1e-9));
        assertThat(Regions.of(corners)).hasSize(2);
    }

    @Test
    void twiceTheSameOutlineIsThatOutline() {
        Outline blob = curvy(new Random(3), 8);
        assertThat(area(over(blob, blob).unite())).isCloseTo(area(over(blob).unite()), within(1e-9));
        assertThat(over(blob, blob).exclude().isEmpty()).isTrue();
    }

    @Test
    void dividingGivesEveryPieceAndCoveringKeepsWhatIsSeen() {
        List<Operand> three = List.of(
                new Operand(circle(0, 0, 10), FillRule.NON_ZERO),
                new Operand(circle(12, 0, 10), FillRule.NON_ZERO),
                new Operand(circle(6, 10, 10), FillRule.NON_ZERO));
        Overlay overlay = Overlay.of(three);
        List<Overlay.Part> parts = overlay.divide();
        assertThat(parts).hasSize(7);
        double all = area(overlay.unite());
        assertThat(parts.stream().mapToDouble(p -> area(p.outline())).sum()).isCloseTo(all, within(1e-6));
        Map<Integer, Outline> seen = overlay.uncovered();
        assertThat(area(seen.get(2))).isCloseTo(area(circle(0, 0, 10)), within(1e-6));
        assertThat(seen.values().stream().mapToDouble(OverlayTest::area).sum()).isCloseTo(all, within(1e-6));
    }

    /** A closed outline of random curves, which may cross itself. */
    private static Outline curvy(Random random, int segments) {
        OutlineBuilder builder = new OutlineBuilder();
        double[] first = {random.nextDouble() * 40, random.nextDouble() * 40};
        builder.moveTo(first[0], first[1]);
        for (int i = 1; i <= segments; i++) {
            double x = i == segments ? first[0] : random.nextDouble() * 40;
            double y = i == segments ? first[1] : random.nextDouble() * 40;
            switch (random.nextInt(3)) {
                case 0 -> builder.lineTo(x, y);
                case 1 -> builder.quadTo(random.nextDouble() * 40, random.nextDouble() * 40, x, y);
                default ->
                    builder.cubicTo(
                            random.nextDouble() * 40,
                            random.nextDouble() * 40,
                            random.nextDouble() * 40,
                            random.nextDouble() * 40,
                            x,
                            y);
            }
        }
        return builder.close().build();
    }

    /** Another outline that crosses, shares edges with, touches or nearly lies on the first. */
    private static Outline partner(Outline a, Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> a.transformed(Affine.translate(random.nextDouble() * 10, random.nextDouble() * 10));
            case 1 -> a.transformed(Affine.translate(random.nextGaussian() * 1e-3, random.nextGaussian() * 1e-3));
            case 2 -> a.plus(curvy(random, 3));
            default -> curvy(random, 2 + random.nextInt(6));
        };
    }

    /** Unions, intersections and differences of random pairs hold at random places, and areas add up. */
    @Test
    void randomPairsAreRight() {
        int wrong = 0;
        List<String> broken = new ArrayList<>();
        for (int seed = 0; seed < Integer.getInteger("rondel.pairs", 600); seed++) {
            Random random = new Random(seed);
            Outline a = curvy(random, 2 + random.nextInt(6));
            Outline b = partner(a, random);
            Overlay overlay = over(a, b);
            Outline union = overlay.unite();
            Outline common = overlay.intersect();
            Outline rest = overlay.subtract();
            double sum = area(common) + area(rest);
            double own = area(over(a).unite());
            double unsure = Overlay.TOLERANCE * length(a, b);
            if (Math.abs(sum - own) > 1e-5 * own + unsure) {
                broken.add(seed + ": " + sum + " for " + own);
            }
            Shape sa = a.toShape(FillRule.NON_ZERO);
            Shape sb = b.toShape(FillRule.NON_ZERO);
            for (int i = 0; i < 12; i++) {
                double x = random.nextDouble() * 50 - 5;
                double y = random.nextDouble() * 50 - 5;
                boolean inA = sa.contains(x, y);
                boolean inB = sb.contains(x, y);
                boolean right = union.toShape(FillRule.NON_ZERO).contains(x, y) == (inA || inB)
                        && common.toShape(FillRule.EVEN_ODD).contains(x, y) == (inA && inB)
                        && rest.toShape(FillRule.NON_ZERO).contains(x, y) == (inA && !inB);
                wrong += right || nearEdge(a, b, x, y) ? 0 : 1;
            }
        }
        assertThat(broken).isEmpty();
        assertThat(wrong).isZero();
    }

    private static double length(Outline... outlines) {
        return List.of(outlines).stream()
                .flatMap(o -> Contour.of(o).stream())
                .flatMap(c -> c.segments().stream())
                .mapToDouble(rondel.geometry.curve.Bezier::controlLength)
                .sum();
    }

    /** Whether a boundary passes within a thousandth of a mm, where a raster of that pitch tells nothing. */
    private static boolean nearEdge(Outline a, Outline b, double x, double y) {
        java.awt.geom.Rectangle2D pixel = new java.awt.geom.Rectangle2D.Double(x - 0.0005, y - 0.0005, 0.001, 0.001);
        return List.of(a, b).stream()
                .map(o -> o.toShape(FillRule.NON_ZERO))
                .anyMatch(s -> s.intersects(pixel) && !s.contains(pixel));
    }

    @Test
    void agreesWithJavaTwoDsOwnAreas() {
        for (int seed = 0; seed < 40; seed++) {
            Random random = new Random(seed);
            Outline a = curvy(random, 4);
            Outline b = curvy(random, 4);
            Area area = new Area(a.toShape(FillRule.NON_ZERO));
            area.add(new Area(b.toShape(FillRule.NON_ZERO)));
            double theirs = Math.abs(area(Outline.of(area)));
            assertThat(area(over(a, b).unite())).as("seed " + seed).isCloseTo(theirs, within(theirs * 1e-5));
        }
    }
}

package rondel.lines.combine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Stroke;

/** The area that strokes cover, in mm. */
class StrokeOutlineTest {

    private static Stroke stroke(double width, Stroke.Cap cap, Stroke.Join join, Double... dashes) {
        return new Stroke(Paint.solid(Rgba.BLACK), width, cap, join, 4, List.of(dashes), 0);
    }

    private static Outline line(double... xy) {
        OutlineBuilder builder = new OutlineBuilder().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            builder.lineTo(xy[i], xy[i + 1]);
        }
        return builder.build();
    }

    private static double area(Outline outline) {
        return Contour.of(outline).stream().mapToDouble(Contour::area).sum();
    }

    @Test
    void capsReachBeyondTheEndsAsTheyShould() {
        Outline ten = line(10, 10, 20, 10);
        Box butt = StrokeOutline.of(ten, stroke(2, Stroke.Cap.BUTT, Stroke.Join.MITER), Affine.IDENTITY)
                .bounds()
                .orElseThrow();
        assertThat(butt.width()).isCloseTo(10, within(1e-3));
        assertThat(butt.height()).isCloseTo(2, within(1e-3));
        Outline square = StrokeOutline.of(ten, stroke(2, Stroke.Cap.SQUARE, Stroke.Join.MITER), Affine.IDENTITY);
        assertThat(area(square)).isCloseTo(24, within(0.01));
        Outline round = StrokeOutline.of(ten, stroke(2, Stroke.Cap.ROUND, Stroke.Join.MITER), Affine.IDENTITY);
        assertThat(area(round)).isCloseTo(20 + Math.PI, within(0.01));
    }

    @Test
    void joinsAreMitredBevelledOrRoundAndALongMitreIsCutOff() {
        Outline corner = line(0, 20, 20, 20, 20, 0);
        assertThat(area(StrokeOutline.of(corner, stroke(4, Stroke.Cap.BUTT, Stroke.Join.MITER), Affine.IDENTITY)))
                .isCloseTo(160, within(0.02));
        assertThat(area(StrokeOutline.of(corner, stroke(4, Stroke.Cap.BUTT, Stroke.Join.BEVEL), Affine.IDENTITY)))
                .isCloseTo(158, within(0.02));
        assertThat(area(StrokeOutline.of(corner, stroke(4, Stroke.Cap.BUTT, Stroke.Join.ROUND), Affine.IDENTITY)))
                .isCloseTo(156 + Math.PI, within(0.02));
        Outline needle = line(0, 0, 40, 1, 0, 2);
        Box cut = StrokeOutline.of(needle, stroke(2, Stroke.Cap.BUTT, Stroke.Join.MITER), Affine.IDENTITY)
                .bounds()
                .orElseThrow();
        assertThat(cut.right()).isLessThan(41.5);
    }

    @Test
    void dashesAreAreasOfTheirOwnAndTheMapToTheSheetScalesAll() {
        Outline dashed = StrokeOutline.of(
                line(0, 0, 20, 0), stroke(1, Stroke.Cap.BUTT, Stroke.Join.MITER, 3.0, 2.0), Affine.scale(2, 2));
        assertThat(dashed.contours()).isEqualTo(4);
        assertThat(area(dashed)).isCloseTo(4 * 12, within(0.02));
        assertThat(dashed.bounds().orElseThrow().right()).isCloseTo(36, within(1e-2));
    }

    @Test
    void aClosedLineLeavesItsMiddleOpen() {
        Outline ring = StrokeOutline.of(
                Outline.rectangle(new Box(0, 0, 20, 20)),
                stroke(2, Stroke.Cap.BUTT, Stroke.Join.MITER),
                Affine.IDENTITY);
        assertThat(ring.contours()).isEqualTo(2);
        assertThat(area(ring)).isCloseTo(22 * 22 - 18 * 18, within(0.02));
    }

    /** Whatever lies nearer to a curve than half the width is covered, and nothing else, its ends aside. */
    @RepeatedTest(25)
    void aRoundStrokeOfACurveIsWhatLiesNearIt(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double[] c = random.doubles(8, 0, 60).toArray();
        Bezier curve = new Bezier(c);
        double width = 1 + 6 * random.nextDouble();
        Outline path = new OutlineBuilder()
                .moveTo(c[0], c[1])
                .cubicTo(c[2], c[3], c[4], c[5], c[6], c[7])
                .build();
        Shape covered = StrokeOutline.of(path, stroke(width, Stroke.Cap.ROUND, Stroke.Join.ROUND), Affine.IDENTITY)
                .toShape(FillRule.NON_ZERO);
        int told = 0;
        for (int i = 0; i < 2000; i++) {
            Point p = new Point(-5 + 70 * random.nextDouble(), -5 + 70 * random.nextDouble());
            double off = Double.POSITIVE_INFINITY;
            for (int k = 0; k <= 400; k++) {
                off = Math.min(off, p.distanceTo(curve.at(k / 400.0)));
            }
            if (Math.abs(off - width / 2) > 0.06) {
                assertThat(covered.contains(p.x(), p.y()))
                        .as("%s is %.3f from the curve", p, off)
                        .isEqualTo(off < width / 2);
                told++;
            }
        }
        assertThat(told).isGreaterThan(1800);
    }
}

package rondel.lines.combine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.words.Refusal;

/** Needles are rounded and specks of segments go; the rest of a line stays as it was. */
class SmoothForBladeTest {

    private static ShapeElement cut(String id, Outline outline) {
        return new ShapeElement(
                Traits.named(id).withId(id(id)).withRole(Role.CUT),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.1)));
    }

    private static Outline path(boolean closed, double... xy) {
        OutlineBuilder builder = new OutlineBuilder().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            builder.lineTo(xy[i], xy[i + 1]);
        }
        return (closed ? builder.close() : builder).build();
    }

    private static Outline smoothed(Outline outline) {
        Job job = SmoothForBlade.usual(ids("a")).apply(Jobs.of(cut("a", outline)));
        return ((ShapeElement) job.located(id("a")).element()).outline();
    }

    private static double sharpest(Outline outline) {
        double sharpest = 180;
        for (Contour c : Contour.of(outline)) {
            List<Bezier> all = c.segments();
            for (int i = 0; i < all.size(); i++) {
                if (!c.closed() && i + 1 == all.size()) {
                    break;
                }
                Point in = all.get(i).tangent(1);
                Point out = all.get((i + 1) % all.size()).tangent(0);
                double dot = Math.clamp(-(in.x() * out.x() + in.y() * out.y()), -1, 1);
                sharpest = Math.min(sharpest, Math.toDegrees(Math.acos(dot)));
            }
        }
        return sharpest;
    }

    @Test
    void aNeedleIsRoundedCloseToItsTipAndOtherCornersStay() {
        Outline needle = path(true, 20, 20, 80, 23, 20, 26);
        Outline even = smoothed(needle);
        assertThat(sharpest(needle)).isLessThan(12);
        assertThat(sharpest(even)).isGreaterThan(60);
        assertThat(even.bounds().orElseThrow().right()).isBetween(79.7, 80.0);
        List<Bezier> segments = Contour.of(even).getFirst().segments();
        assertThat(segments).hasSize(4);
        assertThat(segments.stream().filter(b -> b.order() == 1)).hasSize(3);
        assertThat(segments)
                .anyMatch(b -> b.start().distanceTo(new Point(20, 26)) < 1e-9)
                .anyMatch(b -> b.start().distanceTo(new Point(20, 20)) < 1e-9);
    }

    @Test
    void aSegmentTooShortGoesIntoItsNeighbour() {
        Outline even = smoothed(path(true, 20, 20, 60, 20, 60.03, 20, 60, 60));
        List<Bezier> segments = Contour.of(even).getFirst().segments();
        assertThat(segments).hasSize(3);
        for (int i = 0; i < 3; i++) {
            assertThat(segments.get(i).end())
                    .isEqualTo(segments.get((i + 1) % 3).start());
        }
        Outline open = smoothed(path(false, 20, 20, 60, 20, 60, 60, 60.02, 60));
        assertThat(Contour.of(open).getFirst().segments()).hasSize(2);
        assertThat(Contour.of(open).getFirst().segments().getLast().end()).isEqualTo(new Point(60.02, 60));
    }

    /** Measured on the sheet: what is half as large there is judged half as large. */
    @Test
    void groupsAndTheirScaleCount() {
        Outline speck = path(true, 20, 20, 60, 20, 60.07, 20, 60, 60);
        Job job = Jobs.of(group("g", Affine.scale(0.5, 0.5), cut("a", speck)), cut("b", speck));
        Job even = SmoothForBlade.usual(ids("g")).apply(job);
        assertThat(Contour.of(((ShapeElement) even.located(id("a")).element()).outline())
                        .getFirst()
                        .segments())
                .hasSize(3);
        assertThatThrownBy(() -> SmoothForBlade.usual(ids("b")).apply(job)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new SmoothForBlade(ids("g"), 0, 1, 0).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aSmoothLineIsLeftToTheLastDigit() {
        Outline disc = Outline.of(new Ellipse2D.Double(20, 20, 30, 30));
        Outline both = disc.plus(path(true, 100, 20, 160, 23, 100, 26));
        Outline even = smoothed(both);
        assertThat(Contour.of(even).getFirst()).isEqualTo(Contour.of(disc).getFirst());
    }

    /** Stars with ever thinner rays: none is a needle afterwards, and the area hardly changes. */
    @RepeatedTest(12)
    void starsLoseTheirNeedlesAndKeepTheirArea(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        int rays = 5 + random.nextInt(12);
        OutlineBuilder builder = new OutlineBuilder();
        for (int i = 0; i < 2 * rays; i++) {
            double r = i % 2 == 0 ? 30 + 20 * random.nextDouble() : 2 + 4 * random.nextDouble();
            double a = Math.PI * i / rays;
            double x = 100 + r * Math.cos(a);
            double y = 100 + r * Math.sin(a);
            if (i == 0) {
                builder.moveTo(x, y);
            } else {
                builder.lineTo(x, y);
            }
        }
        Outline star = builder.close().build();
        if (sharpest(star) >= SmoothForBlade.USUAL_ANGLE) {
            return;
        }
        Outline even = smoothed(star);
        assertThat(sharpest(even)).isGreaterThanOrEqualTo(SmoothForBlade.USUAL_ANGLE);
        double before = Math.abs(Contour.of(star).getFirst().area());
        assertThat(Math.abs(Contour.of(even).getFirst().area())).isCloseTo(before, within(0.004 * before));
        assertThat(Contour.of(even).getFirst().closed()).isTrue();
    }
}

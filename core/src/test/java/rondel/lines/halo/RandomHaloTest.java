package rondel.lines.halo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Overlay;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;

/** Halos around shapes made at random, turned and scaled in any way: everywhere at their distance, and no longer than need be. */
class RandomHaloTest {

    private static Outline blob(Random random) {
        Path2D path = new Path2D.Double();
        int n = 3 + random.nextInt(6);
        double[] r = random.doubles(n, 8, 30).toArray();
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            double b = 2 * Math.PI * (i + 1) / n;
            double next = r[(i + 1) % n];
            if (i == 0) {
                path.moveTo(r[0], 0);
            }
            double x = next * Math.cos(b);
            double y = next * Math.sin(b);
            if (random.nextInt(3) == 0) {
                path.lineTo(x, y);
            } else {
                double bend = 0.25 + 0.5 * random.nextDouble();
                path.curveTo(
                        r[i] * (Math.cos(a) - bend * Math.sin(a)),
                        r[i] * (Math.sin(a) + bend * Math.cos(a)),
                        next * (Math.cos(b) + bend * Math.sin(b)),
                        next * (Math.sin(b) - bend * Math.cos(b)),
                        x,
                        y);
            }
        }
        path.closePath();
        return Outline.of(path);
    }

    @RepeatedTest(25)
    void everyPlaceOfAHaloIsAtItsDistance(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Affine placement = Affine.translate(100, 100)
                .times(Affine.of(AffineTransform.getRotateInstance(random.nextDouble() * 6)))
                .times(Affine.scale(0.5 + random.nextDouble() * 2, 0.5 + random.nextDouble() * 2));
        ShapeElement art = new ShapeElement(
                Traits.named("art").withId(id("art")).withPlacement(placement),
                blob(random),
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
        double distance = 0.5 + 6 * random.nextDouble();
        HaloSettings settings = new HaloSettings(distance, HaloSettings.Corners.ROUND, 0, 0, 0, 0.5);
        Job job = new MakeHalo(
                        ids("art"), settings, OptionalDouble.empty(), MakeHalo.Spread.EACH, OptionalDouble.empty())
                .apply(Jobs.of(art));
        Outline halo = ((ShapeElement) job.sheet(Jobs.SHEET).elements().getLast()).outline();
        Geometry covered = FlatArea.of(Overlay.united(art.outline().transformed(placement)), 0.001);
        GeometryFactory factory = new GeometryFactory();
        for (Contour c : Contour.of(halo)) {
            for (Bezier b : c.segments()) {
                for (int i = 0; i < 8; i++) {
                    Point p = b.at(i / 8.0);
                    assertThat(covered.distance(factory.createPoint(new Coordinate(p.x(), p.y()))))
                            .isCloseTo(distance, within(0.05));
                }
            }
        }
        Geometry exact = covered.buffer(distance, 64);
        Geometry own = FlatArea.of(halo, 0.001);
        assertThat(own.symDifference(exact).getArea()).isLessThan(0.03 * exact.getLength());
        assertThat(Contour.of(halo)).allMatch(Contour::closed);
    }
}

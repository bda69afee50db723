package rondel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** A 12 x 12 in sheet full of curved outlines, the same in every run. */
public final class Outlines {

    public static final double SIDE = 304.8;

    private Outlines() {}

    public static Job job(int count) {
        Random random = new Random(1);
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Affine place = Affine.translate(random.nextDouble(SIDE), random.nextDouble(SIDE))
                    .times(Affine.rotate(random.nextDouble(360)));
            Rgba colour = new Rgba(random.nextInt(256), random.nextInt(256), random.nextInt(256), 255);
            elements.add(new ShapeElement(
                    Traits.named("").withId(new ElementId("o" + i)).withPlacement(place),
                    petal(4 + random.nextDouble(6)),
                    FillRule.NON_ZERO,
                    Paint.solid(colour),
                    Optional.empty()));
        }
        Job job = Job.blank("Outlines", LengthUnit.IN, SIDE, SIDE);
        return job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(elements));
    }

    private static Outline petal(double r) {
        OutlineBuilder out = new OutlineBuilder().moveTo(r, 0);
        for (int k = 0; k < 8; k++) {
            double a = Math.PI / 4 * k;
            double b = a + Math.PI / 4;
            out.cubicTo(
                    r * 1.4 * Math.cos(a + 0.2),
                    r * 1.4 * Math.sin(a + 0.2),
                    r * 0.8 * Math.cos(b - 0.2),
                    r * 0.8 * Math.sin(b - 0.2),
                    r * Math.cos(b),
                    r * Math.sin(b));
        }
        return out.close().build();
    }
}

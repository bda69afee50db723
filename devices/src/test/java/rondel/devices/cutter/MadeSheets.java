package rondel.devices.cutter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.units.LengthUnit;

/** Sheets of cut lines for tests. */
final class MadeSheets {

    private MadeSheets() {}

    /** Stars, hearts, boxes and ovals in rows, turned, some with a small hole. */
    static Job shapes(int count, long seed) {
        Random random = new Random(seed);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Outline shape =
                    switch (i % 4) {
                        case 0 -> BoxShape.of(8, 6).outline();
                        case 1 -> OvalShape.of(7, 5).outline();
                        case 2 -> StarShape.regular(5, 0.5, 10).outline();
                        default -> new HeartShape(8, 8).outline();
                    };
            Affine place = Affine.translate(12 + 14 * (i % 12), 12 + 14 * (i / 12))
                    .times(Affine.rotate(random.nextInt(360)))
                    .times(Affine.translate(-4, -3));
            all.add(cut("s" + i, shape.transformed(place)));
            if (i % 3 == 0) {
                Outline hole = OvalShape.of(1, 1).outline();
                all.add(cut("h" + i, hole.transformed(place.times(Affine.translate(3.5, 2.5)))));
            }
        }
        Job job = Job.blank("Shapes", LengthUnit.MM, 190, 190);
        Sheet sheet = job.sheets().getFirst().withElements(all);
        return job.withSheets(List.of(sheet));
    }

    static Element cut(String id, Outline outline) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(Role.CUT),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(new Rgba(200, 0, 0, 255), 0.2)));
    }

    static Sheet sheet(Job job) {
        return job.sheets().getFirst();
    }

    static Pass pass(Job job) {
        return Passes.of(job, sheet(job).id()).getFirst();
    }

    static Route route(Job job) {
        return RoutePlan.of(pass(job), sheet(job));
    }
}

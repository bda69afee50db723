package rondel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.passes.ShippedMaterials;
import rondel.run.route.Route;
import rondel.run.route.RoutePlan;
import rondel.run.route.Stroke;
import rondel.units.LengthUnit;

/** How far a lifted tool goes over five hundred pieces, against going to whichever is nearest from where each outline begins, and against a
 *  spanning tree of the places where ours begin, which no way can be shorter than. */
final class Travelling {

    private static final int PIECES = 500;

    private Travelling() {}

    static List<Bench.Row> rows() {
        Job job = job();
        Sheet sheet = job.sheets().getFirst();
        Pass pass = Passes.of(job, sheet.id()).getFirst();
        Route[] route = new Route[1];
        double ms = Bench.best(3, () -> route[0] = RoutePlan.of(pass, sheet));
        List<Point> starts = route[0].strokes().stream().map(Stroke::from).toList();
        return List.of(
                new Bench.Row(
                        PIECES + " pieces: travel against going to the nearest, mm",
                        route[0].travel(),
                        nearestFirst(pass, route[0].home()),
                        0.8),
                new Bench.Row(
                        "  against a spanning tree", route[0].travel(), spanningTree(starts, route[0].home()), 1.15),
                new Bench.Row("  ms for it, against 2 s", ms, 2000, 1));
    }

    private static Job job() {
        Random random = new Random(5);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < PIECES; i++) {
            Outline star = StarShape.regular(5, 0.5, 6)
                    .outline()
                    .transformed(Affine.rotate(random.nextInt(360), new Point(3, 3)));
            double x = 10 + 16.5 * (i % 23) + 9 * random.nextDouble();
            double y = 10 + 16.5 * (i / 23) + 9 * random.nextDouble();
            all.add(new ShapeElement(
                    Traits.named("").withId(new ElementId("s" + i)).withRole(Role.CUT),
                    star.transformed(Affine.translate(x, y)),
                    FillRule.NON_ZERO,
                    Paint.solid(new Rgba(0, 0, 0, 255)),
                    Optional.empty()));
        }
        Job job = Job.blank("Stars", LengthUnit.MM, 410, 410);
        return job.withSheets(List.of(job.sheets().getFirst().withElements(all)))
                .withRun(job.run().with(ShippedMaterials.CARD.withBlade(0, 0, 0)));
    }

    private static double nearestFirst(Pass pass, Point home) {
        List<Point> left = new ArrayList<>(pass.contours().stream()
                .map(c -> c.segments().getFirst().start())
                .toList());
        Point at = home;
        double sum = 0;
        while (!left.isEmpty()) {
            Point here = at;
            Point next = left.stream()
                    .min(java.util.Comparator.comparingDouble(here::distanceTo))
                    .orElseThrow();
            sum += here.distanceTo(next);
            left.remove(next);
            at = next;
        }
        return sum;
    }

    /** Prim's algorithm. */
    private static double spanningTree(List<Point> points, Point home) {
        double[] nearest = points.stream().mapToDouble(home::distanceTo).toArray();
        boolean[] in = new boolean[points.size()];
        double sum = 0;
        for (int k = 0; k < points.size(); k++) {
            int best = -1;
            for (int i = 0; i < nearest.length; i++) {
                best = !in[i] && (best < 0 || nearest[i] < nearest[best]) ? i : best;
            }
            in[best] = true;
            sum += nearest[best];
            for (int i = 0; i < nearest.length; i++) {
                nearest[i] = Math.min(nearest[i], points.get(best).distanceTo(points.get(i)));
            }
        }
        return sum;
    }
}

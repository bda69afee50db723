package rondel.run.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.StarShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Material;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.passes.ShippedMaterials;
import rondel.units.LengthUnit;

/** The order and the ways of a tool. */
class RoutePlanTest {

    private static Element line(String id, Outline outline, Role role) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(role),
                outline,
                FillRule.NON_ZERO,
                Paint.solid(new Rgba(0, 0, 0, 255)),
                Optional.empty());
    }

    private static Job job(List<Element> elements) {
        Job job = Job.blank("Cut", LengthUnit.MM, 400, 400);
        return job.withSheets(List.of(job.sheets().getFirst().withElements(elements)));
    }

    private static Route route(Job job) {
        Sheet sheet = job.sheets().getFirst();
        return RoutePlan.of(pass(job), sheet);
    }

    private static Pass pass(Job job) {
        return Passes.of(job, job.sheets().getFirst().id()).getFirst();
    }

    private static Job with(Job job, Material card) {
        return job.withRun(job.run().with(card));
    }

    @Test
    void whatLiesInsideIsCutBeforeWhatIsAroundIt() {
        List<Element> rings = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            double d = 20 + 60 * i;
            rings.add(line(
                    "ring" + i,
                    OvalShape.of(d, d).outline().transformed(Affine.translate(200 - d / 2, 200 - d / 2)),
                    Role.CUT));
        }
        assertThat(route(job(rings)).order()).containsExactly(0, 1, 2, 3, 4);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void innerComesBeforeOuterOnAnySheet(long seed) {
        Random random = new Random(seed);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double side = 4 + 60 * random.nextDouble();
            all.add(line(
                    "b" + i,
                    Outline.rectangle(new Box(330 * random.nextDouble(), 330 * random.nextDouble(), side, side)),
                    Role.CUT));
        }
        Job job = job(all);
        List<Box> boxes = pass(job).contours().stream()
                .map(c -> c.outline().bounds().orElseThrow())
                .toList();
        List<Integer> order = route(job).order();
        for (int i = 0; i < order.size(); i++) {
            for (int k = i + 1; k < order.size(); k++) {
                Box first = boxes.get(order.get(i));
                Box then = boxes.get(order.get(k));
                assertThat(first.contains(then) && !then.contains(first))
                        .as("%s before %s", first, then)
                        .isFalse();
            }
        }
    }

    @Test
    void travelIsMuchShorterThanGoingToTheNearestAndNearTheLeastThatCanBe() {
        Random random = new Random(5);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            Outline star = StarShape.regular(5, 0.5, 6).outline();
            all.add(line(
                    "s" + i,
                    star.transformed(Affine.translate(380 * random.nextDouble(), 380 * random.nextDouble())
                            .times(Affine.rotate(random.nextInt(360), new Point(3, 3)))),
                    Role.CUT));
        }
        // Pieces that overlap would be in each other; apart they are five hundred of their own.
        Job job = with(job(apart(all)), ShippedMaterials.CARD.withBlade(0, 0, 0));
        Route route = route(job);
        List<Point> starts = route.strokes().stream().map(Stroke::from).toList();

        assertThat(route.travel()).isLessThan(0.8 * nearestFirst(pass(job), route.home()));
        assertThat(route.travel()).isLessThan(1.15 * spanningTree(starts, route.home()));
    }

    /** On a grid, each a little off its place. */
    private static List<Element> apart(List<Element> all) {
        Random random = new Random(3);
        List<Element> placed = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            ShapeElement s = (ShapeElement) all.get(i);
            Point c = s.outline().bounds().orElseThrow().centre();
            double x = 10 + 16.5 * (i % 23) + 9 * random.nextDouble();
            double y = 10 + 16.5 * (i / 23) + 9 * random.nextDouble();
            placed.add(line(s.name(), s.outline().transformed(Affine.translate(x - c.x(), y - c.y())), Role.CUT));
        }
        return placed;
    }

    /** The travel of going to whichever is nearest, each from where its outline begins. */
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

    @Test
    void anOpenLineIsGoneAlongFromWhicheverEndIsNearer() {
        Outline there = new OutlineBuilder().moveTo(300, 390).lineTo(20, 390).build();
        Route route = route(with(job(List.of(line("l", there, Role.CUT))), ShippedMaterials.CARD.withBlade(0, 0, 0)));
        assertThat(route.strokes().getFirst().from().x()).isEqualTo(20, within(0.02));
    }

    @Test
    void aClosedLineIsBegunAtACornerAndCutOnPastIt() {
        Outline drop = new OutlineBuilder()
                .moveTo(100, 130)
                .cubicTo(130, 130, 130, 90, 100, 70)
                .cubicTo(70, 90, 70, 130, 100, 130)
                .close()
                .build();
        Route route = route(with(job(List.of(line("d", drop, Role.CUT))), ShippedMaterials.CARD.withBlade(0, 0.5, 0)));
        Stroke stroke = route.strokes().getFirst();
        assertThat(stroke.from().distanceTo(new Point(100, 70))).isLessThan(0.03);
        double over = Stroke.length(stroke.design()) - Stroke.length(around(stroke.design()));
        assertThat(over).isEqualTo(0.5, within(0.01));
    }

    private static List<Point> around(List<Point> design) {
        int back = design.size() - 1;
        for (int i = 1; i < design.size(); i++) {
            if (design.get(i).equals(design.getFirst())) {
                back = i;
            }
        }
        return design.subList(0, back + 1);
    }

    @Test
    void theMiddleOfABladeSwingsAboutCornersAndStaysAheadOnStraights() {
        DragBlade blade = new DragBlade(0.25, 0);
        List<Point> way = blade.way(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10)));
        assertThat(way.getFirst()).isEqualTo(new Point(0.25, 0));
        assertThat(way.getLast().distanceTo(new Point(10, 10.25))).isLessThan(1e-9);
        assertThat(way).contains(new Point(10.25, 0));
        assertThat(way.stream().filter(p -> p.x() > 10 && p.y() > 1e-9 && p.y() < 0.25))
                .allSatisfy(p -> assertThat(p.distanceTo(new Point(10, 0))).isEqualTo(0.25, within(1e-9)));
    }

    @Test
    void flatLinesAreAsFineAsTheMachineAndNoFiner() {
        Outline circle = OvalShape.of(40, 40).outline();
        FlatLine line = FlatLine.of(rondel.geometry.curve.Contour.of(circle).getFirst(), Machine.USUAL.step());
        assertThat(line.corners().isEmpty()).isTrue();
        assertThat(line.size()).isBetween(40, 400);
        for (int i = 0; i < line.size(); i++) {
            Point a = line.at(i);
            Point b = line.at(i + 1);
            Point middle = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            assertThat(20 - middle.distanceTo(new Point(20, 20))).isLessThan(0.0125);
            assertThat(a.distanceTo(b)).isGreaterThanOrEqualTo(0.024);
        }
    }

    @Test
    void rollsAreFedBandByBand() {
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            all.add(line("b" + i, Outline.rectangle(new Box(20 + 120 * (i % 3), 10 + 36 * (i / 3), 20, 20)), Role.CUT));
        }
        Route route = route(with(job(all), ShippedMaterials.CARD.withForm(Material.Form.ROLL)));
        double back = 0;
        double furthest = 400;
        for (Stroke s : route.strokes()) {
            double y = s.from().y();
            back = Math.max(back, y - furthest);
            furthest = Math.min(furthest, y);
        }
        assertThat(back).isLessThan(Machine.USUAL.feed() + 25);
    }

    @Test
    void whatIsLeftOfARouteGivesTheBladeItsDirectionAnewAndEndsTheSame() {
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            all.add(line("b" + i, Outline.rectangle(new Box(40 * i + 20, 50, 20, 20)), Role.CUT));
        }
        Route route = route(job(all));
        Route left = route.from(4);
        assertThat(left.strokes().getFirst().isAligning()).isTrue();
        assertThat(left.strokes()).hasSize(route.strokes().size() - 4 + 1);
        assertThat(left.strokes().getLast()).isEqualTo(route.strokes().getLast());
        assertThat(route.from(0)).isSameAs(route);
    }

    @Test
    void timeIsThatOfTrapezoids() {
        MotionTime time = new MotionTime(Machine.USUAL);
        double a = Machine.USUAL.acceleration();
        assertThat(time.of(List.of(new Point(0, 0), new Point(300, 0)), 100)).isEqualTo(3 + 100 / a, within(1e-9));
        assertThat(time.of(List.of(new Point(0, 0), new Point(1, 0)), 1e6))
                .isEqualTo(2 * Math.sqrt(1 / a), within(1e-9));
        double straight = time.of(List.of(new Point(0, 0), new Point(50, 0), new Point(100, 0)), 100);
        double turned = time.of(List.of(new Point(0, 0), new Point(50, 0), new Point(50, 50)), 100);
        assertThat(straight).isLessThan(turned);
    }
}

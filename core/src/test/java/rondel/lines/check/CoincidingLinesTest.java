package rondel.lines.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.catalogue.AllChecks;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.combine.BooleanOperation;
import rondel.lines.combine.Combine;
import rondel.lines.join.JoinEnds;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.Regroup;
import rondel.operation.Operation;
import rondel.run.passes.Pass;
import rondel.run.passes.Passes;
import rondel.run.route.RoutePlan;
import rondel.text.FontBook;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Lines that lie on each other, share corners and sides, or are there twice, as on sheets that are full of boxes and scores: whatever is checked, combined,
 *  joined, grouped and cut of them. */
class CoincidingLinesTest {

    private static final int STEP = 10;

    /** Boxes, open ways and triangles whose corners are all on one grid. */
    private static List<Element> elements(Random random) {
        List<Element> all = new ArrayList<>();
        Role[] roles = {Role.CUT, Role.CUT, Role.CUT, Role.KISS_CUT, Role.SCORE, Role.PRINT};
        for (int i = 0; i < 9; i++) {
            all.add(new ShapeElement(
                    Traits.named("line " + i)
                            .withId(new ElementId("l" + i))
                            .withRole(roles[random.nextInt(roles.length)]),
                    outline(random),
                    FillRule.NON_ZERO,
                    random.nextBoolean() ? Paint.solid(Rgba.BLACK) : Paint.NONE,
                    Optional.of(Stroke.plain(Rgba.BLACK, 0.3))));
        }
        return all;
    }

    private static int grid(Random random) {
        return STEP * (1 + random.nextInt(5));
    }

    private static Outline outline(Random random) {
        if (random.nextInt(3) == 0) {
            return Outline.rectangle(new Box(grid(random), grid(random), grid(random), grid(random)));
        }
        OutlineBuilder way = new OutlineBuilder().moveTo(grid(random), grid(random));
        for (int k = random.nextInt(4); k >= 0; k--) {
            way.lineTo(grid(random), grid(random));
        }
        return (random.nextBoolean() ? way.close() : way).build();
    }

    private static Job job(List<Element> elements) {
        Job blank = Job.blank("Grid", LengthUnit.MM, 120, 120);
        return blank.withSheet(blank.sheets().getFirst().id(), s -> s.withElements(elements));
    }

    private static void checked(Job job) {
        AllChecks.of(new Checked(job, new FontBook(List.of(), Map.of()), Limits.USUAL));
    }

    private static Job made(Operation operation, Job job) {
        try {
            return operation.apply(job);
        } catch (Refusal why) {
            assertThat(why.getMessage()).isNotBlank();
            return job;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void everythingIsDoneWithThem(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 25; round++) {
            Job job = job(elements(random));
            List<ElementId> ids = job.everything().map(Element::id).toList();
            assertThatCode(() -> {
                        checked(job);
                        for (BooleanOperation way : BooleanOperation.values()) {
                            checked(made(new Combine(ids, way, false), job));
                        }
                        checked(made(JoinEnds.usual(ids), job));
                        for (Grouping by : Grouping.values()) {
                            checked(made(new Regroup(List.of(), by), job));
                        }
                        SheetId sheet = job.sheets().getFirst().id();
                        for (Pass pass : Passes.of(job, sheet)) {
                            routed(pass, job);
                        }
                    })
                    .as("seed " + seed + ", round " + round + ": "
                            + job.sheets().getFirst().elements())
                    .doesNotThrowAnyException();
        }
    }

    /** What is printed has no way of a tool, and says so. */
    private static void routed(Pass pass, Job job) {
        try {
            RoutePlan.of(pass, job.sheets().getFirst());
            assertThat(pass.tool()).isPresent();
        } catch (Refusal why) {
            assertThat(pass.tool()).isEmpty();
        }
    }

    private static double area(Operation way, Job job) {
        Job combined;
        try {
            combined = way.apply(job);
        } catch (Refusal nothingIsLeft) {
            return 0;
        }
        return combined.everything()
                .mapToDouble(e -> Contour.of(((ShapeElement) e).outline()).stream()
                        .mapToDouble(Contour::area)
                        .sum())
                .map(Math::abs)
                .sum();
    }

    /** Of two boxes with sides on each other, what both cover, each alone and all together add up. */
    @ParameterizedTest
    @ValueSource(longs = {5, 6})
    void areasAddUp(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 60; round++) {
            Box a = new Box(grid(random), grid(random), grid(random), grid(random));
            Box b = new Box(grid(random), grid(random), grid(random), grid(random));
            Job job = job(List.of(box("a", a), box("b", b)));
            List<ElementId> both = List.of(new ElementId("a"), new ElementId("b"));
            double shared = Math.max(0, Math.min(a.right(), b.right()) - Math.max(a.x(), b.x()))
                    * Math.max(0, Math.min(a.bottom(), b.bottom()) - Math.max(a.y(), b.y()));
            double one = a.width() * a.height();
            double other = b.width() * b.height();
            assertThat(area(new Combine(both, BooleanOperation.UNITE, false), job))
                    .isCloseTo(one + other - shared, within(1e-6));
            assertThat(area(new Combine(both, BooleanOperation.INTERSECT, false), job))
                    .isCloseTo(shared, within(1e-6));
            assertThat(area(new Combine(both, BooleanOperation.SUBTRACT, false), job))
                    .isCloseTo(one - shared, within(1e-6));
            assertThat(area(new Combine(both, BooleanOperation.EXCLUDE, false), job))
                    .isCloseTo(one + other - 2 * shared, within(1e-6));
        }
    }

    private static Element box(String id, Box box) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)),
                Outline.rectangle(box),
                FillRule.NON_ZERO,
                Paint.solid(Rgba.BLACK),
                Optional.empty());
    }
}

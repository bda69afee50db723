package rondel.lines.join;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.lines.pieces.Grouping;
import rondel.lines.pieces.Regroup;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class JoinEndsTest {

    private static Element line(String id, Outline outline, Affine placement) {
        return new ShapeElement(
                Traits.named(id).withId(new ElementId(id)).withRole(Role.CUT).withPlacement(placement),
                outline.transformed(placement.inverse().orElseThrow()),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(Rgba.BLACK, 0.1)));
    }

    private static Element line(String id, double... points) {
        OutlineBuilder b = new OutlineBuilder().moveTo(points[0], points[1]);
        for (int i = 2; i < points.length; i += 2) {
            b.lineTo(points[i], points[i + 1]);
        }
        return line(id, b.build(), Affine.IDENTITY);
    }

    private static Job job(Element... elements) {
        return job(List.of(elements));
    }

    private static Job job(List<Element> elements) {
        Job job = Job.blank("Lines", LengthUnit.MM, 600, 600);
        return job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(elements));
    }

    private static List<Contour> contours(Job job) {
        return job.everything()
                .filter(ShapeElement.class::isInstance)
                .flatMap(e ->
                        Contour.of(((ShapeElement) e)
                                        .outline()
                                        .transformed(job.located(e.id()).ownToSheet()))
                                .stream())
                .toList();
    }

    @Test
    void aSquareOfFourLinesInGroupsAndAnyDirectionBecomesOneOutlineInTheBackmost() {
        Element group = GroupElement.of(
                Traits.named("g").withId(new ElementId("g")).withPlacement(Affine.rotate(30)),
                List.of(line("c", 50.03, 50, 10, 50).with(t -> t.withPlacement(Affine.rotate(-30)))));
        Job joined = JoinEnds.usual(List.of())
                .apply(job(line("a", 10, 10, 50, 10), line("b", 50, 50, 50, 10.04), group, line("d", 10, 10, 10, 50)));

        Contour one = contours(joined).getFirst();
        assertThat(contours(joined)).hasSize(1);
        assertThat(one.closed()).isTrue();
        assertThat(one.segments()).hasSize(4);
        assertThat(Math.abs(one.area())).isCloseTo(1600, within(2.0));
        assertThat(joined.find(new ElementId("a"))).isPresent();
        assertThat(joined.find(new ElementId("g"))).isEmpty();
    }

    @Test
    void onlyEndsThatAreNearAreClosedByALineAndWhatCantBeMendedIsLeft() {
        Job nearly = job(line("a", 0, 0, 40, 0, 40, 40, 0, 40, 0, 0.8));
        assertThat(contours(JoinEnds.usual(List.of()).apply(nearly)).getFirst().closed())
                .isTrue();

        Job far = job(line("a", 0, 0, 40, 0, 40, 40, 0, 40, 0, 12));
        assertThatThrownBy(() -> JoinEnds.usual(List.of()).apply(far))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("No ends meet");
    }

    @Test
    void whereMoreThanTwoEndsMeetTheyAreJoinedOnlyWhereThatIsAskedAndThenStraightOn() {
        Job cross = job(
                line("west", 0, 10, 10, 10), line("east", 10, 10, 20, 10),
                line("north", 10, 0, 10, 10), line("south", 10, 10, 10, 20));
        assertThatThrownBy(() -> JoinEnds.usual(List.of()).apply(cross)).isInstanceOf(Refusal.class);

        List<Contour> joined = contours(new JoinEnds(List.of(), 0.1, 0, true).apply(cross));
        assertThat(joined).hasSize(2);
        assertThat(joined).allSatisfy(c -> assertThat(
                        c.segments().get(0).cornerWith(c.segments().get(1)))
                .isCloseTo(180, within(1e-6)));
    }

    @Test
    void otherRolesAndLockedLinesAreNotJoined() {
        Job job = job(
                line("a", 0, 0, 40, 0),
                line("b", 40, 0, 40, 40).with(t -> t.withRole(Role.SCORE)),
                line("c", 0, 0, 0, 40).with(t -> t.withLocked(true)));
        assertThatThrownBy(() -> JoinEnds.usual(List.of()).apply(job)).isInstanceOf(Refusal.class);
    }

    /** As drafting programs leave them: every stretch by itself, in any order and direction, ends up to 0.05 mm off. */
    @Test
    void aHundredShapesOfShuffledLinesAndArcsComeOutAsAHundredClosedOutlines() {
        Random random = new Random(100);
        List<Element> loose = new ArrayList<>();
        List<Contour> meant = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            Contour shape = rounded(30 + i % 10 * 55, 30 + i / 10 * 55, random);
            meant.add(shape);
            for (Bezier b : shape.segments()) {
                Bezier off = b.between(
                        b.start().plus(random.nextDouble(-0.017, 0.017), random.nextDouble(-0.017, 0.017)),
                        b.end().plus(random.nextDouble(-0.017, 0.017), random.nextDouble(-0.017, 0.017)));
                Contour c = new Contour(List.of(random.nextBoolean() ? off : off.reversed()), false);
                loose.add(line("l" + loose.size(), c.outline(), Affine.IDENTITY));
            }
        }
        Collections.shuffle(loose, random);

        List<Contour> joined = contours(JoinEnds.usual(List.of()).apply(job(loose)));
        assertThat(joined).hasSize(100).allMatch(Contour::closed);
        assertThat(joined.stream().mapToDouble(c -> Math.abs(c.area())).sum())
                .isCloseTo(meant.stream().mapToDouble(c -> Math.abs(c.area())).sum(), within(100.0));

        Job pieces = new Regroup(List.of(), Grouping.PIECE).apply(job(loose));
        assertThat(pieces.sheets().getFirst().elements()).hasSize(100).allMatch(GroupElement.class::isInstance);
    }

    private static Contour rounded(double cx, double cy, Random random) {
        double w = 10 + random.nextDouble() * 12;
        double h = 10 + random.nextDouble() * 12;
        double r = 2 + random.nextDouble() * 6;
        Outline outline = new OutlineBuilder()
                .moveTo(cx - w + r, cy - h)
                .lineTo(cx + w - r, cy - h)
                .arcTo(r, r, 0, false, true, cx + w, cy - h + r)
                .lineTo(cx + w, cy + h)
                .lineTo(cx - w, cy + h)
                .lineTo(cx - w, cy - h + r)
                .arcTo(r, r, 0, false, true, cx - w + r, cy - h)
                .close()
                .build();
        return Contour.of(outline).getFirst();
    }
}

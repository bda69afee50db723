package rondel.lines.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.words.Refusal;

class RegroupTest {

    private static final Rgba RED = new Rgba(200, 0, 0, 255);

    private static ShapeElement shape(String id, Role role, Outline outline) {
        return new ShapeElement(
                Traits.named("").withId(id(id)).withRole(role),
                outline,
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(role == Role.CUT ? Rgba.BLACK : RED, 0.1)));
    }

    private static ShapeElement ring(String id, double x, double y, double r) {
        return shape(id, Role.CUT, Outline.of(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)));
    }

    private static ShapeElement line(String id, double x1, double y1, double x2, double y2) {
        return shape(
                id,
                Role.SCORE,
                new OutlineBuilder().moveTo(x1, y1).lineTo(x2, y2).build());
    }

    private static Set<Set<String>> members(Job job) {
        return job.sheet(Jobs.SHEET).elements().stream()
                .filter(GroupElement.class::isInstance)
                .map(g -> GroupElement.everything(g)
                        .filter(e -> !(e instanceof GroupElement))
                        .map(e -> e.id().value())
                        .collect(Collectors.toSet()))
                .collect(Collectors.toSet());
    }

    private static Job regrouped(Grouping by, Element... elements) {
        return new Regroup(List.of(), by).apply(Jobs.of(elements));
    }

    @Test
    void eachPieceGetsItsOwnScoreLinesHolesAndIslands() {
        Job job = regrouped(
                Grouping.PIECE,
                group(
                        "cuts",
                        Affine.translate(3, 4),
                        ring("a", 50, 50, 30),
                        ring("hole", 50, 50, 10),
                        ring("b", 150, 50, 30)),
                group("scores", Affine.translate(3, 4), line("s1", 30, 40, 70, 40), line("s2", 130, 60, 190, 60)));
        assertThat(members(job)).isEqualTo(Set.of(Set.of("a", "hole", "s1"), Set.of("b", "s2")));
        assertThat(boxOf(job, "a").x()).isEqualTo(23);
        assertThat(job.sheet(Jobs.SHEET).elements().getFirst().name())
                .contains("2")
                .contains("60");
    }

    @Test
    void aPieceInAHoleIsItsOwnWhereThatIsAskedAndPartOfTheOuterOneElse() {
        Element[] nested = {
            ring("outer", 100, 100, 80),
            ring("hole", 100, 100, 60),
            ring("inner", 100, 100, 40),
            line("s", 80, 100, 120, 100)
        };
        assertThat(members(regrouped(Grouping.PIECE, nested))).isEqualTo(Set.of(Set.of("outer", "hole", "inner", "s")));
        assertThat(members(regrouped(Grouping.PIECE_AND_HOLE, nested)))
                .isEqualTo(Set.of(Set.of("outer", "hole"), Set.of("inner", "s")));
    }

    @Test
    void aCompoundOutlineIsPartedAndWhatLiesInNoPieceStaysBesideThem() {
        Outline both = ring("", 50, 50, 20).outline().plus(ring("", 150, 50, 20).outline());
        Job job = regrouped(Grouping.PIECE, shape("both", Role.CUT, both), line("off", 250, 250, 290, 290));
        List<Element> elements = job.sheet(Jobs.SHEET).elements();
        assertThat(elements).hasSize(3);
        assertThat(elements.getFirst().id()).isEqualTo(id("off"));
        assertThat(members(job)).hasSize(2);
    }

    @Test
    void aLineBelongsWhereTheMostOfItLiesAndADoubledRingIsOnePiece() {
        Job job = regrouped(
                Grouping.PIECE,
                ring("a", 50, 50, 20),
                ring("again", 50, 50, 20),
                ring("b", 95, 50, 20),
                line("mostly-b", 62, 50, 110, 50));
        assertThat(members(job)).isEqualTo(Set.of(Set.of("a", "again"), Set.of("b", "mostly-b")));
    }

    @Test
    void itGroupsByColourByRoleAndOneByOutline() {
        Element[] some = {ring("a", 50, 50, 20), ring("b", 150, 50, 20), line("s", 40, 50, 60, 50)};
        assertThat(members(regrouped(Grouping.ROLE, some))).isEqualTo(Set.of(Set.of("a", "b"), Set.of("s")));
        Job byColour = regrouped(Grouping.COLOUR, some);
        assertThat(members(byColour)).isEqualTo(Set.of(Set.of("a", "b"), Set.of("s")));
        assertThat(byColour.sheet(Jobs.SHEET).elements())
                .extracting(Element::name)
                .allMatch(n -> n.matches("#[0-9a-f]{6}"));
        assertThat(members(regrouped(Grouping.OUTLINE, some))).isEqualTo(Set.of(Set.of("a", "s"), Set.of("b")));
    }

    @Test
    void thenOneIsKeptAndTheOthersAreParkedOrDropped() {
        Job job = regrouped(Grouping.PIECE, ring("a", 50, 50, 20), ring("b", 150, 50, 20));
        var kept = job.sheet(Jobs.SHEET).elements().getFirst().id();
        Job parked = new KeepOnly(List.of(kept), true).apply(job);
        assertThat(parked.sheet(Jobs.SHEET).elements()).hasSize(2);
        Element other = parked.sheet(Jobs.SHEET).elements().getLast();
        assertThat(boxOf(parked, other.id().value()).x()).isGreaterThan(300);
        Job alone = new KeepOnly(List.of(kept), false).apply(job);
        assertThat(alone.sheet(Jobs.SHEET).elements()).hasSize(1);
        assertThatThrownBy(() -> new KeepOnly(List.of(kept), false).apply(alone))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Regroup(ids("nobody"), Grouping.PIECE).apply(job))
                .isInstanceOf(Refusal.class);
    }

    /** 500 pieces of 20 lines, in two flat groups and shuffled, as they come from a cutting file. */
    @Test
    void fiveHundredShuffledPiecesComeOutExactly() {
        List<Element> cuts = new ArrayList<>();
        List<Element> scores = new ArrayList<>();
        Set<Set<String>> wanted = new HashSet<>();
        Random random = new Random(500);
        for (int p = 0; p < 500; p++) {
            double x = 20 + p % 25 * 40;
            double y = 20 + p / 25 * 40;
            Set<String> names = new HashSet<>();
            cuts.add(ring(name(names, p, "o"), x, y, 18));
            cuts.add(ring(name(names, p, "h"), x, y + 8, 4));
            for (int i = 0; i < 18; i++) {
                double a = random.nextDouble() * 6.28;
                scores.add(line(
                        name(names, p, "s" + i),
                        x + 16 * Math.cos(a),
                        y + 16 * Math.sin(a),
                        x + random.nextGaussian() * 4,
                        y + random.nextGaussian() * 4));
            }
            wanted.add(names);
        }
        Collections.shuffle(cuts, random);
        Collections.shuffle(scores, random);
        Job job = Jobs.of(
                group("cuts", Affine.IDENTITY, cuts.toArray(Element[]::new)),
                group("scores", Affine.IDENTITY, scores.toArray(Element[]::new)));
        assertThat(members(new Regroup(List.of(), Grouping.PIECE).apply(job))).isEqualTo(wanted);
    }

    private static String name(Set<String> names, int piece, String line) {
        String name = "p" + piece + line;
        names.add(name);
        return name;
    }

    @Test
    void groupsThatClipStayWhole() {
        Element clipped = new GroupElement(
                Traits.named("clipped").withId(id("clipped")),
                List.of(ring("inside", 50, 50, 5)),
                Optional.of(new rondel.job.Clip(Outline.rectangle(new Box(40, 40, 20, 20)), FillRule.NON_ZERO)),
                Optional.empty());
        Job job = regrouped(Grouping.PIECE, ring("a", 50, 50, 30), clipped);
        assertThat(job.located(id("clipped")).element()).isInstanceOf(GroupElement.class);
        assertThat(job.located(id("clipped")).ancestors()).hasSize(1);
    }
}

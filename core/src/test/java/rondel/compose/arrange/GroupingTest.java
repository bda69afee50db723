package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.group;
import static rondel.compose.arrange.Jobs.ids;
import static rondel.compose.arrange.Jobs.order;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.words.Refusal;

class GroupingTest {

    private static final Affine TWICE = Affine.translate(5, 5).times(Affine.scale(2, 2));

    @Test
    void aGroupTakesThePlaceOfItsFrontmostMemberAndKeepsTheirOrder() {
        Job job = Jobs.of(box("a", 0, 0, 1, 1), box("b", 0, 0, 1, 1), box("c", 0, 0, 1, 1), box("d", 0, 0, 1, 1));
        Group operation = new Group(ids("c", "a"), "Pair");
        Job grouped = operation.apply(job);
        assertThat(order(grouped)).containsExactly("b", "e1", "d");
        assertThat(grouped.located(Jobs.id("e1")).element().children())
                .extracting(e -> e.id().value())
                .containsExactly("a", "c");
        assertThat(operation.selects(job, grouped)).containsExactly(Jobs.id("e1"));
    }

    @Test
    void aGroupOfOneIsFineAndUngroupingLeavesEverythingWhereItWas() {
        Job job = Jobs.of(group("g", TWICE, box("a", 10, 10, 5, 5), group("h", TWICE, box("b", 0, 0, 3, 3))));
        Job one = new Group(ids("b"), "Only").apply(job);
        assertThat(boxOf(one, "b")).isEqualTo(boxOf(job, "b"));
        Job level = new Ungroup(ids("g"), false).apply(job);
        assertThat(order(level)).containsExactly("a", "h");
        Job all = new Ungroup(ids("g"), true).apply(job);
        assertThat(order(all)).containsExactly("a", "b");
        for (String id : List.of("a", "b")) {
            assertThat(boxOf(all, id).centre().distanceTo(boxOf(job, id).centre()))
                    .isLessThan(1e-9);
        }
    }

    @Test
    void ungroupingAClippedGroupKeepsItsClipOnEveryPart() {
        GroupElement clipped = new GroupElement(
                Traits.named("g").withId(Jobs.id("g")),
                List.of(box("a", 0, 0, 20, 20), box("b", 5, 5, 30, 30)),
                Optional.of(new Clip(Outline.rectangle(new Box(0, 0, 10, 10)), FillRule.NON_ZERO)),
                Optional.empty());
        Job job = Jobs.of(clipped);
        Job free = new Ungroup(ids("g"), false).apply(job);
        assertThat(order(free)).hasSize(2);
        for (Element e : free.sheet(Jobs.SHEET).elements()) {
            assertThat(((GroupElement) e).clip()).isPresent();
        }
        assertThat(boxOf(free, "b")).isEqualTo(boxOf(job, "b"));
    }

    /** A drawing's page clips what reaches beyond it; the rest need not drag a clip along. */
    @Test
    void whatLiesWhollyInsideAClipIsFreeOfIt() {
        ShapeElement thick = box("thick", 0.2, 4, 3, 3).withStroke(Optional.of(Stroke.plain(Rgba.BLACK, 1)));
        GroupElement page = new GroupElement(
                Traits.named("g").withId(Jobs.id("g")),
                List.of(box("in", 2, 2, 6, 6), box("out", 5, 5, 30, 30), thick),
                Optional.of(new Clip(Outline.rectangle(new Box(0, 0, 10, 10)), FillRule.NON_ZERO)),
                Optional.empty());
        List<Element> free = new Ungroup(ids("g"), false)
                .apply(Jobs.of(page))
                .sheet(Jobs.SHEET)
                .elements();
        assertThat(free).extracting(Element::kind).containsExactly("shape", "group", "group");
    }

    @Test
    void thingsFromDifferentGroupsAreGroupedWhereTheyLieInFrontOfTheFrontmost() {
        Job job = Jobs.of(
                group("g", TWICE, box("a", 10, 0, 1, 1), box("c", 5, 5, 1, 1)),
                box("under", 0, 0, 1, 1),
                group("h", TWICE, box("b", 0, 0, 1, 1)),
                box("over", 0, 0, 1, 1));
        Job grouped = new Group(ids("a", "b"), "Both").apply(job);
        assertThat(grouped.sheet(Jobs.SHEET).elements())
                .extracting(e -> e.name().isEmpty() ? e.id().value() : e.name())
                .containsExactly("g", "under", "Both", "over");
        assertThat(boxOf(grouped, "a")).isEqualTo(boxOf(job, "a"));
        assertThat(boxOf(grouped, "b")).isEqualTo(boxOf(job, "b"));
    }

    @Test
    void whatIsNoGroupHasNothingToLetGo() {
        Job job = Jobs.of(box("b", 0, 0, 1, 1));
        assertThatThrownBy(() -> new Ungroup(ids("b"), false).apply(job)).isInstanceOf(Refusal.class);
    }

    @Test
    void deletingTheLastThingInAGroupDissolvesIt() {
        Job job = Jobs.of(group("g", TWICE, group("h", TWICE, box("a", 0, 0, 1, 1))), box("b", 0, 0, 1, 1));
        assertThat(order(new Delete(ids("a")).apply(job))).containsExactly("b");
    }

    @Test
    void copiesGetIdsOfTheirOwnAndStandInFrontOfTheirOriginals() {
        Job job = Jobs.of(group("g", TWICE, box("a", 0, 0, 4, 4)), box("b", 0, 0, 1, 1));
        Duplicate operation = new Duplicate(ids("g"), 10, 20);
        Job twice = operation.apply(job);
        List<ElementId> copies = operation.selects(job, twice);
        assertThat(copies).hasSize(1);
        assertThat(order(twice)).containsExactly("g", copies.getFirst().value(), "b");
        Box copy = rondel.job.Extent.onSheet(twice.located(copies.getFirst())).orElseThrow();
        assertThat(copy).isEqualTo(boxOf(job, "g").moved(10, 20));
        assertThat(twice.everything().map(Element::id).distinct().count())
                .isEqualTo(twice.everything().count());
        assertThat(operation.apply(job)).isEqualTo(twice);
    }

    @Test
    void stackingMovesAmongSiblingsOnly() {
        Job job = Jobs.of(box("a", 0, 0, 1, 1), box("b", 0, 0, 1, 1), box("c", 0, 0, 1, 1), box("d", 0, 0, 1, 1));
        assertThat(order(new ToFront(ids("a", "b")).apply(job))).containsExactly("c", "d", "a", "b");
        assertThat(order(new ToBack(ids("d", "b")).apply(job))).containsExactly("b", "d", "a", "c");
        assertThat(order(new Raise(ids("a", "b")).apply(job))).containsExactly("c", "a", "b", "d");
        assertThat(order(new Lower(ids("c", "d")).apply(job))).containsExactly("a", "c", "d", "b");
        assertThat(order(new Raise(ids("d")).apply(job))).containsExactly("a", "b", "c", "d");
    }

    @Test
    void aLineHasItsWidthOnTheSheetHoweverItsGroupsAreScaled() {
        Job job = Jobs.of(group(
                "g",
                TWICE,
                box("a", 0, 0, 10, 10)
                        .withTraits(Traits.named("a").withId(Jobs.id("a")).withPlacement(Affine.scale(3, 1)))));
        Box before = boxOf(job, "a");
        Job lined = new SetStroke(ids("g"), Optional.of(Stroke.plain(Rgba.BLACK, 0.5))).apply(job);
        ShapeElement a = (ShapeElement) lined.located(Jobs.id("a")).element();
        Affine own = lined.located(Jobs.id("a")).ownToSheet();
        assertThat(own.keepsCircles()).isTrue();
        assertThat(a.stroke().orElseThrow().width() * own.meanScale()).isCloseTo(0.5, within(1e-12));
        assertThat(boxOf(lined, "a")).isEqualTo(before);
    }
}

package rondel.gang.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.gang.plan.GangFixture.A4;
import static rondel.gang.plan.GangFixture.apply;
import static rondel.gang.plan.GangFixture.box;
import static rondel.gang.plan.GangFixture.copies;
import static rondel.gang.plan.GangFixture.cutBox;
import static rondel.gang.plan.GangFixture.gutter;
import static rondel.gang.plan.GangFixture.job;
import static rondel.gang.plan.GangFixture.plan;
import static rondel.gang.plan.GangFixture.rows;
import static rondel.gang.plan.GangFixture.sheets;
import static rondel.gang.plan.GangFixture.whole;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Resize;
import rondel.gang.copies.AddCopies;
import rondel.gang.copies.MakeOwn;
import rondel.gang.copies.SwapDesign;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.StockCount;
import rondel.job.Way;
import rondel.words.Refusal;

/** From designs to full sheets of stock. */
class PlansTest {

    private static final double EXACT = 1e-6;

    private final Job job = job(box("star", 10, 10, 50, 30), box("shell", 100, 100, 40, 40));

    private static Box boxOf(CopyElement c) {
        return Extent.of(c, Affine.IDENTITY).orElseThrow();
    }

    private static Resize resized(double width) {
        return new Resize(
                List.of(new ElementId("star")),
                OptionalDouble.of(width),
                OptionalDouble.empty(),
                false,
                Anchor.TOP_LEFT,
                Resize.Frame.SHEET);
    }

    @Test
    void asManyAsFitStandInRowsWithExactGuttersInTheMiddleOfTheStock() {
        Job done = apply(job, rows(A4, gutter(5), DesignCount.asManyAsFit(whole("star"))));
        Sheet sheet = sheets(done).getFirst();
        List<CopyElement> copies = copies(sheet);
        assertThat(copies).hasSize(3 * 8);
        assertThat(boxOf(copies.get(0)).x()).isCloseTo((210 - 160) / 2.0, within(EXACT));
        assertThat(boxOf(copies.get(1)).x() - boxOf(copies.get(0)).right()).isCloseTo(5, within(EXACT));
        assertThat(boxOf(copies.get(3)).y() - boxOf(copies.get(0)).bottom()).isCloseTo(5, within(EXACT));
        assertThat(sheet.name()).isEqualTo("star, sheet 1");
        assertThat(copies.stream().map(CopyElement::content).distinct()).hasSize(1);
    }

    @Test
    void aCountGoesOverAsManySheetsAsItTakesAndSeveralDesignsShareThem() {
        Job done =
                apply(job, rows(A4, gutter(5), DesignCount.of(whole("star"), 30), DesignCount.of(whole("shell"), 7)));
        assertThat(sheets(done)).hasSize(2);
        assertThat(copies(sheets(done).get(0))).hasSize(24);
        List<CopyElement> second = copies(sheets(done).get(1));
        assertThat(second).hasSize(6 + 7);
        assertThat(second.stream().filter(c -> c.of().equals(whole("shell")))).hasSize(7);
        double lowestStar = second.stream()
                .filter(c -> c.of().equals(whole("star")))
                .mapToDouble(c -> boxOf(c).bottom())
                .max()
                .orElseThrow();
        double highestShell = second.stream()
                .filter(c -> c.of().equals(whole("shell")))
                .mapToDouble(c -> boxOf(c).y())
                .min()
                .orElseThrow();
        assertThat(highestShell - lowestStar).isCloseTo(5, within(EXACT));
    }

    @Test
    void copiesFollowEveryEditOfTheirDesignAndThePlanIsWorkedOutAgain() {
        Job done = apply(job, rows(A4, gutter(5), DesignCount.asManyAsFit(whole("star"))));
        Job larger = apply(done, resized(100.0));
        List<CopyElement> copies = copies(sheets(larger).getFirst());
        assertThat(copies).hasSize(2 * 8);
        assertThat(boxOf(copies.getFirst()).width()).isCloseTo(100, within(EXACT));
        assertThat(copies.getFirst().id())
                .isEqualTo(copies(sheets(done).getFirst()).getFirst().id());
    }

    @Test
    void whatAHandHasMovedStaysAndCanBePutBack() {
        Job done = apply(job, rows(A4, gutter(5), DesignCount.of(whole("star"), 10)));
        ElementId third = copies(sheets(done).getFirst()).get(2).id();
        Job moved = apply(done, new Move(List.of(third), 3, 200));
        Job changed = apply(moved, new ChangePlan(plan(moved).withDesigns(List.of(DesignCount.of(whole("star"), 12)))));
        List<CopyElement> copies = copies(sheets(changed).getFirst());
        assertThat(copies).hasSize(12);
        assertThat(copies.get(2).id()).isEqualTo(third);
        assertThat(copies.get(2).keptByHand()).isTrue();
        assertThat(copies.get(2).placement())
                .isEqualTo(((CopyElement) moved.located(third).element()).placement());
        Job back = apply(changed, new PutBack(List.of(third)));
        CopyElement put = (CopyElement) back.located(third).element();
        assertThat(put.keptByHand()).isFalse();
        assertThat(boxOf(put).y()).isCloseTo(boxOf(copies.get(0)).y(), within(EXACT));
    }

    @Test
    void whatAHandHasTakenOutIsNotPutBackByTheNextEdit() {
        Job done = apply(job, rows(A4, gutter(5), DesignCount.of(whole("star"), 10)));
        ElementId third = copies(sheets(done).getFirst()).get(2).id();
        Job without = apply(done, new Delete(List.of(third)));
        assertThat(copies(sheets(without).getFirst())).hasSize(9);
        assertThat(plan(without).without()).containsExactly(2);
        Job edited = apply(without, resized(45.0));
        assertThat(copies(sheets(edited).getFirst())).hasSize(9);
    }

    @Test
    void aCopyIsMadeItsOwnSwappedOrPlacedByHand() {
        Job done = apply(job, rows(A4, gutter(5), DesignCount.of(whole("star"), 4)));
        List<ElementId> ids =
                copies(sheets(done).getFirst()).stream().map(Element::id).toList();
        Job swapped = apply(done, new SwapDesign(List.of(ids.get(1)), whole("shell")));
        CopyElement shell = (CopyElement) swapped.located(ids.get(1)).element();
        assertThat(boxOf(shell).width()).isCloseTo(40, within(EXACT));
        assertThat(shell.keptByHand()).isTrue();
        Job own = apply(swapped, new MakeOwn(List.of(ids.get(0))));
        assertThat(own.located(ids.get(0)).element()).isNotInstanceOf(CopyElement.class);
        assertThat(Extent.onSheet(own.located(ids.get(0)))).isEqualTo(Extent.onSheet(done.located(ids.get(0))));
        assertThat(copies(sheets(own).getFirst())).hasSize(3);
        Job placed = apply(own, new AddCopies(new SheetId("sheet-1"), List.of(whole("shell")), 50, 150));
        Element last = placed.sheets().getFirst().elements().getLast();
        assertThat(Extent.of(last, Affine.IDENTITY).orElseThrow().centre().x()).isCloseTo(50, within(EXACT));
    }

    @Test
    void nothingHoldsACopyOfItself() {
        Job held = job(GroupElement.of(
                rondel.job.Traits.named("pair").withId(new ElementId("pair")), List.of(box("star", 0, 0, 20, 20))));
        Job copied = apply(held, new AddCopies(new SheetId("sheet-1"), List.of(whole("pair")), 100, 100));
        ElementId copy = copied.sheets().getFirst().elements().getLast().id();
        assertThatThrownBy(() -> apply(copied, new SwapDesign(List.of(copy), new Design.Page(new SheetId("sheet-1")))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("itself");
    }

    @Test
    void straightLinesBetweenPiecesThatTouchAreCutOnce() {
        Job done = apply(
                job(cutBox("card", 0, 0, 60, 90)),
                rows(A4, gutter(0), MarkSettings.NONE, Way.Cutting.BOXES, DesignCount.of(whole("card"), 9)));
        Sheet sheet = sheets(done).getFirst();
        List<Element> lines = sheet.elements().stream()
                .filter(GroupElement.class::isInstance)
                .flatMap(g -> g.children().stream())
                .filter(e -> e.role() == Role.CUT)
                .toList();
        assertThat(lines).hasSize(4 + 4);
        double length = lines.stream()
                .map(e -> Extent.of(e, Affine.IDENTITY).orElseThrow())
                .mapToDouble(b -> b.width() + b.height())
                .sum();
        assertThat(length).isCloseTo(4 * 180 + 4 * 270, within(1e-3));
        assertThat(copies(sheet))
                .allSatisfy(c -> assertThat(GroupElement.everything(c.asGroup()).filter(e -> e.role() == Role.CUT))
                        .isEmpty());
    }

    @Test
    void cutLinesThatPiecesHaveInCommonAreCutOnceWithoutBeingAskedFor() {
        Job done = apply(job(cutBox("card", 0, 0, 60, 90)), rows(A4, gutter(0), DesignCount.of(whole("card"), 9)));
        Sheet sheet = sheets(done).getFirst();
        long lines = sheet.elements().stream()
                .filter(GroupElement.class::isInstance)
                .flatMap(g -> g.children().stream())
                .filter(e -> e.role() == Role.CUT)
                .count();
        assertThat(lines).isEqualTo(4 + 4);
        Job apart = apply(job(cutBox("card", 0, 0, 60, 90)), rows(A4, gutter(2), DesignCount.of(whole("card"), 9)));
        assertThat(copies(sheets(apart).getFirst()))
                .allSatisfy(c -> assertThat(GroupElement.everything(c.asGroup()).filter(e -> e.role() == Role.CUT))
                        .hasSize(1));
    }

    @Test
    void cutAndStackKeepsTheOrderDownTheStacks() {
        List<DesignCount> designs = java.util.stream.IntStream.range(0, 10)
                .mapToObj(i -> DesignCount.of(whole("d" + i), 1))
                .toList();
        Job many = job(java.util.stream.IntStream.range(0, 10)
                .mapToObj(i -> box("d" + i, i * 10, 0, 100, 140))
                .toArray(Element[]::new));
        Job done = apply(
                many,
                new LayOut(
                        "",
                        designs,
                        List.of(new StockCount(A4, OptionalInt.empty())),
                        new Way.Rows(gutter(0), Way.Order.STACK, Way.Cutting.OWN),
                        MarkSettings.NONE));
        assertThat(sheets(done)).hasSize(3);
        assertThat(sheets(done).stream().map(s -> copies(s).getFirst().of()))
                .containsExactly(whole("d0"), whole("d1"), whole("d2"));
        assertThat(sheets(done).stream().map(s -> copies(s).get(1).of()))
                .containsExactly(whole("d3"), whole("d4"), whole("d5"));
    }

    @Test
    void aPieceLargerThanTheStockIsRefusedAndTheJobIsAsItWas() {
        Job large = job(box("poster", 0, 0, 250, 400));
        assertThatThrownBy(() -> apply(large, rows(A4, gutter(0), DesignCount.of(whole("poster"), 1))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("poster")
                .hasMessageContaining("larger");
        Job done = apply(job, rows(A4, gutter(5), DesignCount.of(whole("star"), 2)));
        Job grown = apply(done, resized(400.0));
        assertThat(copies(sheets(grown).getFirst())).hasSize(2);
    }

    @Test
    void removingAPlanTakesItsSheetsAndLeavesTheDesigns() {
        Job done = apply(job, rows(A4, gutter(5), DesignCount.of(whole("star"), 2)));
        Job without = apply(done, new RemovePlan(plan(done).id()));
        assertThat(without.sheets()).isEqualTo(job.sheets());
        assertThat(without.plans()).isEmpty();
    }

    @Test
    void marksStandOutsideWhatIsMade() {
        MarkSettings all = new MarkSettings(true, true, true, true, true, 5, 3, 0.1);
        Job done = apply(job, rows(A4, gutter(0), all, Way.Cutting.OWN, DesignCount.asManyAsFit(whole("star"))));
        Sheet sheet = sheets(done).getFirst();
        List<Box> pieces = copies(sheet).stream().map(PlansTest::boxOf).toList();
        List<Box> marks = sheet.elements().stream()
                .filter(GroupElement.class::isInstance)
                .flatMap(g -> g.children().stream())
                .map(e -> Extent.of(e, Affine.IDENTITY).orElseThrow())
                .toList();
        assertThat(marks).hasSizeGreaterThan(4 * 4);
        for (Box mark : marks) {
            assertThat(pieces).noneMatch(p -> p.grown(-0.01).intersects(mark));
            assertThat(sheet.trim().contains(mark)).isTrue();
        }
        assertThat(Set.copyOf(pieces)).hasSize(pieces.size());
        assertThat(Optional.of(pieces.size())).contains(3 * 8);
    }
}

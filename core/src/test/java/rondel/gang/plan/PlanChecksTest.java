package rondel.gang.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.gang.plan.GangFixture.A4;
import static rondel.gang.plan.GangFixture.apply;
import static rondel.gang.plan.GangFixture.box;
import static rondel.gang.plan.GangFixture.copies;
import static rondel.gang.plan.GangFixture.cutBox;
import static rondel.gang.plan.GangFixture.gutter;
import static rondel.gang.plan.GangFixture.job;
import static rondel.gang.plan.GangFixture.rows;
import static rondel.gang.plan.GangFixture.sheets;
import static rondel.gang.plan.GangFixture.whole;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import rondel.catalogue.AllChecks;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Resize;
import rondel.compose.sheets.SetMargins;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Anchor;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NestSettings;
import rondel.job.Plan;
import rondel.job.SheetId;
import rondel.job.StockCount;
import rondel.job.Traits;
import rondel.job.Way;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.text.FontBook;

/** What is said of plans. */
class PlanChecksTest {

    private static List<String> codes(Job job) {
        return AllChecks.of(new Checked(job, new FontBook(List.of(), Map.of()), Limits.USUAL)).stream()
                .map(f -> f.code())
                .distinct()
                .toList();
    }

    private static Resize wide(String element, double width) {
        return new Resize(
                List.of(new ElementId(element)),
                OptionalDouble.of(width),
                OptionalDouble.empty(),
                true,
                Anchor.CENTRE,
                Resize.Frame.SHEET);
    }

    @Test
    void aPlanAsItWasLaidOutHasNoFindings() {
        Job job = apply(job(box("star", 10, 10, 50, 30)), rows(A4, gutter(0), DesignCount.asManyAsFit(whole("star"))));
        assertThat(codes(job)).isEmpty();
    }

    @Test
    void copiesThatAHandHasPutOverOthersOrOutOfReachAreFound() {
        Job job = apply(job(box("star", 10, 10, 50, 30)), rows(A4, gutter(2), DesignCount.of(whole("star"), 6)));
        ElementId second = copies(sheets(job).getFirst()).get(1).id();
        assertThat(codes(apply(job, new Move(List.of(second), -10, 0)))).containsExactly("piecesOverlap");
        assertThat(codes(apply(job, new Move(List.of(second), 0, -40)))).contains("outOfReach");
    }

    @Test
    void bleedThatHasNoRoomIsCutOffAndSaid() {
        Job page = apply(job(box("ground", -3, -3, 206, 206)), new SetMargins(new SheetId("sheet-1"), 3, 0));
        DesignCount design = DesignCount.of(new Design.Page(new SheetId("sheet-1")), 2);
        rondel.job.Stock large = rondel.job.Stock.sheet("Large", 500, 500);
        assertThat(codes(apply(page, rows(large, gutter(2), design)))).contains("bleedCut");
        assertThat(codes(apply(page, rows(large, gutter(6), design)))).doesNotContain("bleedCut");
    }

    @Test
    void aDesignThatIsGoneAndStockThatRanOutAreSaid() {
        Job job = apply(
                job(box("star", 10, 10, 50, 30), box("other", 100, 100, 10, 10)),
                rows(A4, gutter(2), DesignCount.of(whole("star"), 3)));
        Job closer = apply(
                job(box("star", 10, 10, 50, 30), box("other", 100, 100, 10, 10)),
                rows(A4, gutter(0), MarkSettings.NONE, Way.Cutting.BOXES, DesignCount.of(whole("star"), 3)));
        Job without = apply(closer, new Delete(List.of(new ElementId("star"))));
        assertThat(copies(sheets(without).getFirst()))
                .allSatisfy(c -> assertThat(c.content().box().width()).isEqualTo(50));
        List<ElementId> all = new java.util.ArrayList<>(List.of(new ElementId("star")));
        copies(sheets(closer).getFirst()).forEach(c -> all.add(c.id()));
        assertThat(copies(sheets(apply(closer, new Delete(all))).getFirst())).isEmpty();
        Job gone = apply(job, new Delete(List.of(new ElementId("star"))));
        assertThat(codes(gone)).containsExactly("designGone");
        assertThat(copies(sheets(gone).getFirst())).hasSize(3);
        Job few = apply(
                job(box("star", 10, 10, 50, 30)),
                new LayOut(
                        "",
                        List.of(DesignCount.of(whole("star"), 100)),
                        List.of(new StockCount(A4, OptionalInt.of(2))),
                        new Way.Rows(gutter(2), Way.Order.ACROSS, Way.Cutting.OWN),
                        MarkSettings.NONE));
        assertThat(sheets(few)).hasSize(2);
        assertThat(codes(few)).containsExactly("planShort");
    }

    @Test
    void aPlanWhoseDesignNoLongerFitsIsSaidWithTheReason() {
        Job job = apply(job(box("star", 10, 10, 50, 30)), rows(A4, gutter(2), DesignCount.of(whole("star"), 3)));
        Job larger = apply(job, wide("star", 400));
        assertThat(codes(larger)).contains("planRefused");
    }

    @Test
    void aPlanThatWasNestedIsOutOfDateOnceItsPiecesLookOtherwise() {
        Job job = job(cutBox("leaf", 10, 10, 50, 30));
        LayOut nested = new LayOut(
                "",
                List.of(DesignCount.of(whole("leaf"), 2)),
                List.of(new StockCount(A4, OptionalInt.empty())),
                new Way.Nest(NestSettings.USUAL, Optional.empty()),
                MarkSettings.NONE);
        Plan found = new NestPlan(nested.plan(job), new DesignContents(job)).run(better -> {});
        Job laid = apply(job, new LayOut("", found.designs(), found.stocks(), found.way(), found.marks()));
        assertThat(copies(sheets(laid).getFirst())).hasSize(2);
        assertThat(codes(laid)).doesNotContain("planStale");
        assertThat(codes(apply(laid, wide("leaf", 60)))).contains("planStale");
    }

    @Test
    void aCopyWhosePrintRunsIntoItsNeighboursPieceIsFound() {
        Job job = apply(
                job(GroupElement.of(
                        Traits.named("sticker").withId(new ElementId("sticker")),
                        List.of(box("print", 7, 7, 56, 36), cutBox("line", 10, 10, 50, 30)))),
                rows(A4, gutter(8), DesignCount.of(whole("sticker"), 4)));
        assertThat(codes(job)).doesNotContain("bleedsInto");
        ElementId second = copies(sheets(job).getFirst()).get(1).id();
        assertThat(codes(apply(job, new Move(List.of(second), -6.5, 0)))).contains("bleedsInto");
    }
}

package rondel.gang.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.gang.plan.GangFixture.apply;
import static rondel.gang.plan.GangFixture.box;
import static rondel.gang.plan.GangFixture.copies;
import static rondel.gang.plan.GangFixture.job;
import static rondel.gang.plan.GangFixture.rows;
import static rondel.gang.plan.GangFixture.sheets;
import static rondel.gang.plan.GangFixture.whole;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rondel.gang.copies.FlatContent;
import rondel.gang.fold.Face;
import rondel.gang.fold.FlatPaper;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.RowSettings;
import rondel.job.Sheet;
import rondel.job.Stock;

/** Cards and tags on stock: what is printed on the other side lies behind what it belongs to once the printer has turned the paper. */
class BothSidesTest {

    private static final double EXACT = 0.01;

    private static Design.Flat card(Folding.Kind kind, Folding.Turning turning) {
        return new Design.Flat(
                new Folding(kind, 60, 80, turning, Folding.Score.LINE),
                List.of(
                        new Design.FaceDesign(FaceName.FRONT, whole("front")),
                        new Design.FaceDesign(FaceName.INSIDE, whole("inside")),
                        new Design.FaceDesign(FaceName.BACK, whole("back"))),
                Design.Flat.Side.OUTSIDE);
    }

    private static Job job3() {
        return job(box("front", 0, 0, 60, 80), box("inside", 70, 0, 60, 80), box("back", 140, 0, 60, 80));
    }

    @ParameterizedTest
    @CsvSource({
        "HALF_SIDE,LONG_EDGE,NONE", "HALF_SIDE,SHORT_EDGE,NONE", "HALF_TOP,LONG_EDGE,NONE",
                "HALF_TOP,SHORT_EDGE,QUARTER",
        "HALF_SIDE,LONG_EDGE,QUARTER", "GATE,SHORT_EDGE,QUARTER", "TRI_FOLD,LONG_EDGE,QUARTER",
                "TRI_FOLD,SHORT_EDGE,NONE"
    })
    void theInsideLiesBehindItsOutsideForBothEdgesAndAllTurns(
            Folding.Kind kind, Folding.Turning turning, RowSettings.Turns turns) {
        RowSettings settings = new RowSettings(4, 4, turns, RowSettings.Alternate.NONE, true);
        Stock stock = Stock.sheet("Large", 330, 483);
        Job done = apply(job3(), rows(stock, settings, DesignCount.asManyAsFit(card(kind, turning))));
        List<Sheet> sheets = sheets(done);
        assertThat(sheets).hasSize(2);
        assertThat(sheets.get(1).planned().orElseThrow().inside()).isTrue();
        // The paper is turned about the stock's own middle line: its height is its long edge.
        Affine through = turning == Folding.Turning.LONG_EDGE
                ? new Affine(-1, 0, 0, 1, stock.width(), 0)
                : new Affine(1, 0, 0, -1, 0, stock.height());
        for (int i = 0; i < copies(sheets.get(0)).size(); i++) {
            CopyElement out = copies(sheets.get(0)).get(i);
            CopyElement in = copies(sheets.get(1)).get(i);
            FlatPaper paper = FlatContent.paper(flat(out.of()));
            FlatPaper behind = FlatContent.paper(flat(in.of()));
            FaceName[] pair = pair(kind);
            Point outside = middle(paper.outside(), pair[0], paper, out);
            Point inside = through.apply(middle(behind.inside(), pair[1], behind, in));
            assertThat(outside.distanceTo(inside)).isLessThan(EXACT);
        }
    }

    private static Design.Flat flat(Design design) {
        return design instanceof Design.InRows in ? flat(in.of()) : (Design.Flat) design;
    }

    /** A face, and the one that is printed on its back. */
    private static FaceName[] pair(Folding.Kind kind) {
        return switch (kind) {
            case HALF_TOP -> new FaceName[] {FaceName.FRONT, FaceName.INSIDE_TOP};
            case GATE -> new FaceName[] {FaceName.BACK, FaceName.INSIDE_MIDDLE};
            default -> new FaceName[] {FaceName.FRONT, FaceName.INSIDE_LEFT};
        };
    }

    private static Point middle(List<Face> faces, FaceName name, FlatPaper paper, CopyElement copy) {
        Face face = faces.stream().filter(f -> f.name() == name).findFirst().orElseThrow();
        return copy.placement()
                .times(Affine.translate(-paper.width() / 2, -paper.height() / 2))
                .times(face.toPage())
                .apply(face.width() / 2, face.height() / 2);
    }

    @Test
    void aTagHasItsBackOnItsHeadAboveItsFrontAndALineToScoreBetween() {
        Design.Flat tag = new Design.Flat(
                new Folding(Folding.Kind.TAG, 60, 80, Folding.Turning.LONG_EDGE, Folding.Score.LINE),
                List.of(
                        new Design.FaceDesign(FaceName.FRONT, whole("front")),
                        new Design.FaceDesign(FaceName.BACK, whole("back"))),
                Design.Flat.Side.OUTSIDE);
        Job done = apply(job3(), rows(Stock.sheet("A4", 210, 297), RowSettings.USUAL, DesignCount.of(tag, 1)));
        CopyElement copy = copies(sheets(done).getFirst()).getFirst();
        assertThat(sheets(done)).hasSize(1);
        assertThat(copy.content().box().height()).isEqualTo(160);
        assertThat(GroupElement.everything(copy.asGroup()).filter(e -> e.role() == Role.SCORE))
                .hasSize(1);
        List<CopyElement> faces = GroupElement.everything(copy.asGroup())
                .filter(CopyElement.class::isInstance)
                .map(CopyElement.class::cast)
                .toList();
        assertThat(faces).hasSize(2);
        assertThat(faces.get(0).of()).isEqualTo(whole("back"));
        assertThat(faces.get(0).placement().a()).isEqualTo(-1);
        assertThat(faces.get(1).placement().a()).isEqualTo(1);
    }
}

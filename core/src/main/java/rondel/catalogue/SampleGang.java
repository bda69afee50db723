package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Affine;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.PlannedPlace;
import rondel.job.PlannedSheet;
import rondel.job.RowSettings;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.job.Traits;
import rondel.job.Way;

/** A plan of the sample job: one copy of the leaf on a small stock, which a hand has moved. */
final class SampleGang {

    static final PlanId PLAN = new PlanId("leaves");
    private static final Stock SMALL = Stock.sheet("Small", 60, 40);

    private SampleGang() {}

    static Plan plan() {
        return new Plan(
                PLAN,
                "Leaves",
                List.of(DesignCount.of(new Design.Whole(new ElementId("leaf")), 1)),
                List.of(new StockCount(SMALL, OptionalInt.empty())),
                new Way.Rows(RowSettings.USUAL, Way.Order.ACROSS, Way.Cutting.OWN),
                MarkSettings.NONE,
                List.of());
    }

    /** A list of two beaches for the wording. */
    static NameList list(String id) {
        return new NameList(
                new NameListId(id),
                "Beaches",
                new Design.Whole(new ElementId("wording")),
                Optional.empty(),
                List.of("Beach"),
                List.of(new NameList.Blank(
                        "Beach", new ElementId("wording"), OptionalDouble.of(40), NameList.Blank.USUAL_SMALLEST)),
                Optional.empty(),
                List.of(NameList.Row.of(List.of("Heron Strand")), NameList.Row.of(List.of("Cockle Bay"))));
    }

    /** A job with that plan, and the sheet that follows from it. */
    static Job into(Job job) {
        Design leaf = new Design.Whole(new ElementId("leaf"));
        Affine put = Affine.translate(30, 20);
        CopyElement copy = new CopyElement(
                Traits.named("").withId(new ElementId("copy")).withPlacement(Affine.translate(25, 20)),
                leaf,
                new DesignContents(job).of(leaf),
                Optional.of(new PlannedPlace(PLAN, 0, put, leaf)));
        Sheet sheet = Sheet.of(new SheetId("stock"), "Leaves, sheet 1", SMALL.width(), SMALL.height())
                .withElements(List.of(copy))
                .withPlanned(Optional.of(new PlannedSheet(PLAN, 0, false, SMALL.usable())));
        List<Sheet> sheets = new java.util.ArrayList<>(job.sheets());
        sheets.add(sheet);
        return job.withSheets(sheets).withPlans(List.of(plan())).withLists(List.of(list("beaches")));
    }
}

package rondel.catalogue;

import java.util.List;
import java.util.OptionalInt;
import rondel.gang.copies.AddCopies;
import rondel.gang.copies.MakeOwn;
import rondel.gang.copies.SwapDesign;
import rondel.gang.names.AddNames;
import rondel.gang.names.ChangeNames;
import rondel.gang.names.RemoveNames;
import rondel.gang.plan.ChangePlan;
import rondel.gang.plan.LayOut;
import rondel.gang.plan.PutBack;
import rondel.gang.plan.RemovePlan;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.MarkSettings;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.job.RowSettings;
import rondel.job.Stock;
import rondel.job.StockCount;
import rondel.job.Way;

/** The operations of the stage Gang, each with an example on the sample job. */
final class GangOperations {

    private static final Design LEAF = new Design.Whole(new ElementId("leaf"));
    private static final Design STEM = new Design.Whole(new ElementId("stem"));
    private static final List<ElementId> COPY = List.of(new ElementId("copy"));

    private GangOperations() {}

    static List<OperationKind> kinds() {
        RowSettings rows = new RowSettings(3.175, 3.175, RowSettings.Turns.QUARTER, RowSettings.Alternate.NONE, true);
        return List.of(
                OperationKind.of(new LayOut(
                        "Leaves",
                        List.of(DesignCount.of(LEAF, 12), DesignCount.asManyAsFit(STEM)),
                        List.of(new StockCount(Stock.sheet("A4", 210, 297), OptionalInt.of(2))),
                        new Way.Rows(rows, Way.Order.ACROSS, Way.Cutting.BOXES),
                        new MarkSettings(true, false, true, false, true, 5, 3, 0.1))),
                OperationKind.of(new ChangePlan(SampleGang.plan().withDesigns(List.of(DesignCount.of(LEAF, 3))))),
                OperationKind.of(new RemovePlan(SampleGang.PLAN)),
                OperationKind.of(new PutBack(COPY)),
                OperationKind.of(new AddCopies(OperationCatalogue.SPARE, List.of(LEAF, STEM), 60, 60)),
                OperationKind.of(new MakeOwn(COPY)),
                OperationKind.of(new SwapDesign(COPY, STEM)),
                OperationKind.of(new AddNames(SampleGang.list(""), List.of())),
                OperationKind.of(new ChangeNames(
                        SampleGang.list("beaches").withRows(List.of(NameList.Row.of(List.of("Samphire Cove")))),
                        List.of())),
                OperationKind.of(new RemoveNames(new NameListId("beaches"))));
    }
}

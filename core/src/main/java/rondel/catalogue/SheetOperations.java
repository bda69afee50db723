package rondel.catalogue;

import java.util.List;
import java.util.Optional;
import rondel.compose.licence.SetProvenance;
import rondel.compose.sheets.AddGuide;
import rondel.compose.sheets.AddSheet;
import rondel.compose.sheets.CopyTo;
import rondel.compose.sheets.MoveGuide;
import rondel.compose.sheets.RemoveGuide;
import rondel.compose.sheets.RemoveSheet;
import rondel.compose.sheets.RenameSheet;
import rondel.compose.sheets.SetLinesScale;
import rondel.compose.sheets.SetMargins;
import rondel.compose.sheets.SetPaper;
import rondel.compose.sheets.SetSheetSize;
import rondel.compose.sheets.SetTitle;
import rondel.compose.sheets.SetUnit;
import rondel.geometry.Axis;
import rondel.job.Licence;
import rondel.job.Provenance;
import rondel.job.Rgba;
import rondel.operation.Together;
import rondel.units.LengthUnit;

/** The operations about the job and its sheets, each with an example on the sample job. */
final class SheetOperations {

    private SheetOperations() {}

    static List<OperationKind> kinds() {
        return List.of(
                OperationKind.of(new SetLinesScale(false)),
                OperationKind.of(new SetProvenance(
                        OperationCatalogue.LEAF,
                        Optional.of(new Provenance("Tide collection", "Saltmarsh Studio", Licence.OWN)))),
                OperationKind.of(new AddSheet("Back", 215.9, 279.4)),
                OperationKind.of(new CopyTo(OperationCatalogue.LEAF, OperationCatalogue.SPARE)),
                OperationKind.of(new SetSheetSize(OperationCatalogue.SHEET, 215.9, 279.4)),
                OperationKind.of(new SetMargins(OperationCatalogue.SHEET, 3, 6.35)),
                OperationKind.of(new SetPaper(OperationCatalogue.SHEET, Optional.of(new Rgba(0xfb, 0xf7, 0xee, 255)))),
                OperationKind.of(new AddGuide(OperationCatalogue.SHEET, Axis.HORIZONTAL, 25.4)),
                OperationKind.of(new MoveGuide(OperationCatalogue.SHEET, 0, 50.8)),
                OperationKind.of(new RemoveGuide(OperationCatalogue.SHEET, 0)),
                OperationKind.of(new SetTitle("Tide stickers")),
                OperationKind.of(new RenameSheet(OperationCatalogue.SHEET, "Front")),
                OperationKind.of(new Together(
                        "Second sheet",
                        List.of(new AddSheet("Inside", 127, 177.8), new SetMargins(OperationCatalogue.SHEET, 3, 6)))),
                OperationKind.of(new RemoveSheet(OperationCatalogue.SPARE)),
                OperationKind.of(new SetUnit(LengthUnit.IN)));
    }
}

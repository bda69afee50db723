package rondel.handoff.preview;

import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.lines.pieces.UsedPieces;

/** The pieces of a sheet; of one that nothing is cut of, what stands on it. */
final class SheetPieces {

    private SheetPieces() {}

    /** @param printed what is printed, on the sheet, back to front */
    static List<SheetPiece> of(Sheet sheet, List<Element> printed) {
        List<Element> made = sheet.elements().stream()
                .filter(e -> !e.hidden() && e.role() != Role.GUIDE && !sheet.parks(e))
                .toList();
        List<SheetPiece> pieces = UsedPieces.of(made).stream()
                .map(p -> new SheetPiece(p.name(), true, p.outline(), within(p.box(), printed)))
                .toList();
        return pieces.isEmpty() ? things(sheet, printed) : pieces;
    }

    private static List<Element> within(Box reach, List<Element> printed) {
        return printed.stream()
                .filter(p -> Extent.of(p, Affine.IDENTITY)
                        .filter(b -> b.intersects(reach))
                        .isPresent())
                .toList();
    }

    private static List<SheetPiece> things(Sheet sheet, List<Element> printed) {
        return printed.stream()
                .flatMap(e -> Extent.of(e, Affine.IDENTITY)
                        .flatMap(b -> b.intersection(sheet.trim()))
                        .filter(b -> b.width() > 0 && b.height() > 0)
                        .map(b -> new SheetPiece(UsedPieces.named(e), false, Outline.rectangle(b), List.of(e)))
                        .stream())
                .toList();
    }
}

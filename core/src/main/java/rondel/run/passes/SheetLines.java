package rondel.run.passes;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** All lines of a sheet that a tool goes along, those in copies too; what is hidden, parked or a guide is not made. */
public final class SheetLines {

    private final List<SheetLine> lines = new ArrayList<>();
    private final List<ElementId> path = new ArrayList<>();

    private SheetLines() {}

    /** From back to front. */
    public static List<SheetLine> of(Sheet sheet) {
        SheetLines found = new SheetLines();
        sheet.elements().stream().filter(e -> !sheet.parks(e)).forEach(e -> found.take(e, Affine.IDENTITY, -1));
        return List.copyOf(found.lines);
    }

    /** Whether anything of a sheet is printed. */
    public static boolean prints(Sheet sheet) {
        return sheet.elements().stream().anyMatch(e -> !sheet.parks(e) && prints(e));
    }

    private static boolean prints(Element e) {
        if (e.hidden()) {
            return false;
        }
        return switch (e) {
            case CopyElement c ->
                c.content().once("run prints", g -> g.children().stream().anyMatch(SheetLines::prints));
            default ->
                e.children().isEmpty()
                        ? !e.kind().equals("group") && e.role() == Role.PRINT
                        : e.children().stream().anyMatch(SheetLines::prints);
        };
    }

    /** @param onSheet how many elements stand around a copy that this is in; -1 outside of copies */
    private void take(Element e, Affine around, int onSheet) {
        if (e.hidden()) {
            return;
        }
        path.add(e.id());
        Affine own = around.times(e.placement());
        switch (e) {
            case ShapeElement s -> add(e, s.outline(), own, s.stroke(), s.fill(), onSheet);
            case TextElement t -> add(e, t.outline(), own, t.stroke(), t.fill(), onSheet);
            case CopyElement c -> {
                int standing = onSheet < 0 ? path.size() : onSheet;
                c.content().group().children().forEach(child -> take(child, own, standing));
            }
            default -> e.children().forEach(child -> take(child, own, onSheet));
        }
        path.removeLast();
    }

    private void add(
            Element e, Outline outline, Affine toSheet, java.util.Optional<Stroke> stroke, Paint fill, int onSheet) {
        if (e.role() == Role.PRINT || e.role() == Role.GUIDE) {
            return;
        }
        Paint paint = stroke.filter(Stroke::visible).map(Stroke::paint).orElse(fill);
        Rgba colour = paint instanceof Paint.Solid p ? p.colour().withAlpha(255) : new Rgba(0, 0, 0, 255);
        List<ElementId> of = List.copyOf(path);
        int standing = onSheet < 0 ? of.size() : onSheet;
        for (Contour c : Contour.of(outline.transformed(toSheet))) {
            lines.add(new SheetLine(e.role(), c, colour, of, standing));
        }
    }
}

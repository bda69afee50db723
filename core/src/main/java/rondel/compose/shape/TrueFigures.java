package rondel.compose.shape;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.job.ChangedElements;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Tree;

/** Keeps the figures of plain shapes to what they measure on the sheet: where one or a group around it was scaled, the scale goes
 *  into its figures, so that a corner stays a quarter of a circle and scallops stay whole. One that was made askew keeps its
 *  outline as it lies. */
public final class TrueFigures {

    /** How far a scale may be from 1 to be taken for it: rounding of a few hundred edits. */
    private static final double EXACT = 1e-12;

    /** How far the sides may be from square, as a share. */
    private static final double SQUARE = 1e-9;

    private TrueFigures() {}

    public static Job follow(Job before, Job after) {
        List<Sheet> sheets = new ArrayList<>();
        boolean changed = false;
        for (Sheet s : after.sheets()) {
            List<Element> elements = ChangedElements.of(before, s).each(e -> settled(e, Affine.IDENTITY));
            changed |= elements != s.elements();
            sheets.add(elements == s.elements() ? s : s.withElements(elements));
        }
        return changed ? after.withSheets(sheets) : after;
    }

    private static List<Element> settled(List<Element> elements, Affine toSheet) {
        return Tree.each(elements, e -> settled(e, toSheet));
    }

    private static Element settled(Element e, Affine toSheet) {
        return switch (e) {
            case ShapeElement s -> s.plain().isPresent() ? settled(s, toSheet) : s;
            case GroupElement g -> {
                List<Element> children = settled(g.children(), toSheet.times(g.placement()));
                yield children == g.children() ? g : g.withChildren(children);
            }
            default -> e;
        };
    }

    private static ShapeElement settled(ShapeElement s, Affine toSheet) {
        Affine own = toSheet.times(s.placement());
        double sx = Math.hypot(own.a(), own.b());
        double sy = Math.hypot(own.c(), own.d());
        boolean exact = Math.abs(sx - 1) <= EXACT && Math.abs(sy - 1) <= EXACT;
        boolean askew = Math.abs(own.a() * own.c() + own.b() * own.d()) > SQUARE * sx * sy;
        boolean flat = !(sx > 0 && sy > 0);
        if (exact || askew || flat) {
            return s;
        }
        Affine out = Affine.scale(sx, sy);
        // The scale goes from the placement into the figures: no sum of places on the sheet is involved, so that equal
        // artwork stays
        // equal to the last bit wherever it lies.
        Affine placement = s.placement().times(Affine.scale(1 / sx, 1 / sy));
        return new ShapeElement(
                        s.traits().withPlacement(placement),
                        s.outline(),
                        s.rule(),
                        s.fill().transformed(out),
                        s.stroke().map(line -> line.scaled(Math.sqrt(sx * sy), out)))
                .withPlain(s.plain().orElseThrow().scaled(sx, sy));
    }
}

package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rondel.compose.sheets.AddGuide;
import rondel.compose.sheets.MoveGuide;
import rondel.compose.sheets.RemoveGuide;
import rondel.geometry.Axis;
import rondel.geometry.Point;
import rondel.job.Guide;
import rondel.job.Sheet;
import rondel.operation.Operation;

/** A guide on its way: out of a ruler, elsewhere on the sheet, or back into the ruler, which takes it away.
 *
 * @param number of the guide that is moved; nothing for a new one */
record GuideDrag(Sheet sheet, Axis axis, OptionalInt number) {

    /** What a press in the rulers or on a guide begins. */
    static Optional<GuideDrag> at(Sheet sheet, Viewport viewport, double x, double y, boolean onThing) {
        boolean top = y < Ruler.THICKNESS;
        boolean left = x < Ruler.THICKNESS;
        if (top && left) {
            return Optional.empty();
        }
        if (top || left) {
            return Optional.of(new GuideDrag(sheet, top ? Axis.VERTICAL : Axis.HORIZONTAL, OptionalInt.empty()));
        }
        OptionalInt there = onThing ? OptionalInt.empty() : GuideLayer.at(sheet.guides(), viewport, x, y);
        return there.isEmpty()
                ? Optional.empty()
                : Optional.of(new GuideDrag(
                        sheet, sheet.guides().get(there.getAsInt()).across(), there));
    }

    private boolean inRuler(double x, double y) {
        return axis == Axis.VERTICAL ? y < Ruler.THICKNESS : x < Ruler.THICKNESS;
    }

    private double place(Viewport viewport, double x, double y) {
        Point p = viewport.toSheet(x, y);
        return axis == Axis.HORIZONTAL ? p.x() : p.y();
    }

    /** The sheet's guides as they are while the pointer is at a point of the screen. */
    List<Guide> preview(Viewport viewport, double x, double y) {
        List<Guide> guides = new ArrayList<>(sheet.guides());
        number.ifPresent(n -> guides.remove(n));
        if (!inRuler(x, y)) {
            guides.add(new Guide(axis, place(viewport, x, y)));
        }
        return guides;
    }

    Optional<Operation> finish(Viewport viewport, double x, double y) {
        if (number.isEmpty()) {
            return inRuler(x, y)
                    ? Optional.empty()
                    : Optional.of(new AddGuide(sheet.id(), axis, place(viewport, x, y)));
        }
        return Optional.of(
                inRuler(x, y)
                        ? new RemoveGuide(sheet.id(), number.getAsInt())
                        : new MoveGuide(sheet.id(), number.getAsInt(), place(viewport, x, y)));
    }
}

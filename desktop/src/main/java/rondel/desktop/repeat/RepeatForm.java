package rondel.desktop.repeat;

import java.util.List;
import rondel.arrange.RepeatAlong;
import rondel.geometry.Axis;
import rondel.job.ElementId;
import rondel.job.Sheet;

/** How a person wants a strip repeated along the whole of its sheet; lengths in mm.
 *
 * @param stretch how much the size may change, as a share of it */
public record RepeatForm(Axis axis, double gap, double slack, double stretch) {

    public RepeatAlong operation(List<ElementId> ids, Sheet sheet) {
        double length = axis == Axis.HORIZONTAL ? sheet.width() : sheet.height();
        return new RepeatAlong(ids, axis, 0, length, gap, slack, stretch);
    }
}

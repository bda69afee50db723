package rondel.desktop.compose.repeat;

import java.util.List;
import rondel.compose.arrange.RepeatAlong;
import rondel.geometry.Axis;
import rondel.job.ElementId;
import rondel.job.Sheet;

/** How a person wants a strip repeated along a stretch of its sheet; lengths in mm.
 *
 * @param start where the stretch begins
 * @param length of the stretch; from there to the sheet's end where it is 0
 * @param stretch how much the size may change, as a share of it */
public record RepeatForm(Axis axis, double start, double length, double gap, double slack, double stretch) {

    public RepeatAlong operation(List<ElementId> ids, Sheet sheet) {
        double end = axis == Axis.HORIZONTAL ? sheet.width() : sheet.height();
        return new RepeatAlong(ids, axis, start, length > 0 ? length : end - start, gap, slack, stretch);
    }
}

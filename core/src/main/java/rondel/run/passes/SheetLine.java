package rondel.run.passes;

import java.util.List;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Rgba;
import rondel.job.Role;

/** One line of a sheet that a tool goes along, as it lies there.
 *
 * @param colour of the line, or of the fill of what has no line
 * @param path the elements that it belongs to, from the sheet inwards; of a copy, then those of its design
 * @param onSheet how many of those stand on the sheet, and not in a copy */
public record SheetLine(Role role, Contour contour, Rgba colour, List<ElementId> path, int onSheet) {

    /** Whether it belongs to an element, or to one that a copy shows. */
    boolean isOf(ElementId element) {
        return path.contains(element);
    }

    /** The elements of the sheet itself that it belongs to. */
    List<ElementId> elements() {
        return path.subList(0, onSheet);
    }
}

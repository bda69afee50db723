package rondel.desktop.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Sheet;

/** The groups that are stepped into, as far as they are still there, outermost first.
 *
 * @param sheet that they are on */
record OpenLevel(Sheet sheet, List<GroupElement> groups) {

    /** @param path the groups' ids; what comes after one that is gone is not open any more */
    static OpenLevel of(Sheet sheet, List<ElementId> path) {
        List<GroupElement> groups = new ArrayList<>();
        List<Element> level = sheet.elements();
        for (ElementId id : path) {
            Optional<Element> next =
                    level.stream().filter(e -> e.id().equals(id)).findFirst();
            if (next.isEmpty() || !(next.get() instanceof GroupElement g)) {
                break;
            }
            groups.add(g);
            level = g.children();
        }
        return new OpenLevel(sheet, groups);
    }

    /** What can be selected now: the elements of the innermost group or of the sheet, back to front. */
    List<Element> elements() {
        return groups.isEmpty() ? sheet.elements() : groups.getLast().children();
    }

    /** From the innermost group's space to the sheet's. */
    Affine toSheet() {
        Affine all = Affine.IDENTITY;
        for (GroupElement g : groups) {
            all = all.times(g.placement());
        }
        return all;
    }

    List<ElementId> path() {
        return groups.stream().map(Element::id).toList();
    }
}

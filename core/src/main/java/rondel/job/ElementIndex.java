package rondel.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Affine;

/** Where each element of a tree stands, by its id. Made once for a sheet's value, so that an edit of many elements finds each
 *  in constant time. */
final class ElementIndex {

    private final Map<ElementId, Place> places;

    /** What the children of one group share.
     *
     * @param ancestors the groups around them, outermost first */
    private record Level(List<GroupElement> ancestors, Affine toSheet) {

        Level within(GroupElement group) {
            List<GroupElement> path = new ArrayList<>(ancestors);
            path.add(group);
            return new Level(List.copyOf(path), toSheet.times(group.placement()));
        }
    }

    /** An element among those it stands with. */
    record Place(Element element, Level level) {

        Located on(Sheet sheet) {
            return new Located(sheet, level.ancestors, element, level.toSheet);
        }
    }

    /** @param expected as many elements, so that the table is not made over and over as it grows */
    private ElementIndex(int expected) {
        places = HashMap.newHashMap(expected);
    }

    static ElementIndex of(List<Element> elements) {
        ElementIndex index = new ElementIndex(elements.size());
        index.add(elements, new Level(List.of(), Affine.IDENTITY));
        return index;
    }

    private void add(List<Element> elements, Level level) {
        for (Element e : elements) {
            places.putIfAbsent(e.id(), new Place(e, level));
            if (e instanceof GroupElement g) {
                add(g.children(), level.within(g));
            }
        }
    }

    Optional<Place> find(ElementId id) {
        return Optional.ofNullable(places.get(id));
    }
}

package rondel.job;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;

/** An element and where it stands.
 *
 * @param ancestors the groups around it, outermost first
 * @param toSheet from its parent's space to the sheet's */
public record Located(Sheet sheet, List<GroupElement> ancestors, Element element, Affine toSheet) {

    /** From the element's own space to the sheet's. */
    public Affine ownToSheet() {
        return toSheet.times(element.placement());
    }

    public Optional<GroupElement> parent() {
        return ancestors.isEmpty() ? Optional.empty() : Optional.of(ancestors.getLast());
    }

    /** The elements it stands among, back to front. */
    public List<Element> siblings() {
        return parent().map(GroupElement::children).orElse(sheet.elements());
    }

    public static Optional<Located> in(Sheet sheet, ElementId id) {
        Deque<GroupElement> path = new ArrayDeque<>();
        return search(sheet.elements(), id, path).map(found -> {
            List<GroupElement> ancestors = List.copyOf(path);
            Affine toSheet = Affine.IDENTITY;
            for (GroupElement g : ancestors) {
                toSheet = toSheet.times(g.placement());
            }
            return new Located(sheet, ancestors, found, toSheet);
        });
    }

    private static Optional<Element> search(List<Element> elements, ElementId id, Deque<GroupElement> path) {
        for (Element e : elements) {
            if (e.id().equals(id)) {
                return Optional.of(e);
            }
            if (e instanceof GroupElement g) {
                path.addLast(g);
                Optional<Element> found = search(g.children(), id, path);
                if (found.isPresent()) {
                    return found;
                }
                path.removeLast();
            }
        }
        return Optional.empty();
    }
}

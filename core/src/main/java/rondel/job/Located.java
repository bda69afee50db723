package rondel.job;

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
}

package rondel.compose.arrange;

import java.util.List;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Located;
import rondel.job.Placing;

/** An element taken out of the groups it stands in, looking as it does there: what clips, hides or fades it comes along. */
final class Lifted {

    private Lifted() {}

    /** @param keep how many of its outermost ancestors it stays in
     *  @return the element in the space of the innermost of those, or on the sheet */
    static Element of(Located at, int keep, Placing placing) {
        Element e = at.element();
        List<GroupElement> left = at.ancestors().subList(keep, at.ancestors().size());
        for (int i = left.size() - 1; i >= 0; i--) {
            e = outOf(left.get(i), e, placing);
        }
        return e;
    }

    private static Element outOf(GroupElement group, Element part, Placing placing) {
        boolean hidden = group.hidden() || part.hidden();
        if (group.veiled()) {
            return group.withChildren(List.of(part))
                    .withTraits(group.traits()
                            .withId(placing.freshId())
                            .withName(part.name())
                            .withHidden(hidden));
        }
        Affine placement = group.placement();
        return part.with(t ->
                t.placedBy(placement).withOpacity(t.opacity() * group.opacity()).withHidden(hidden));
    }
}

package rondel.job;

import java.util.Optional;
import rondel.geometry.Box;

/** An element that stands for a design: it costs its place, not its content. What it shows follows the design; on its sheet it is one
 *  thing, and nothing in it can be held.
 *
 * @param of what it stands for
 * @param content what that looks like now, shared by all copies of it
 * @param planned where a plan has put it; nothing for one that was put by hand */
public record CopyElement(Traits traits, Design of, CopyContent content, Optional<PlannedPlace> planned)
        implements Element {

    public CopyElement withContent(CopyContent other) {
        return new CopyElement(traits, of, other, planned);
    }

    public CopyElement withDesign(Design other, CopyContent shown) {
        return new CopyElement(traits, other, shown, planned);
    }

    public CopyElement withPlanned(Optional<PlannedPlace> other) {
        return new CopyElement(traits, of, content, other);
    }

    /** The box of its design, in its place. */
    public Box placedBox() {
        return content.box().transformed(placement());
    }

    /** The group that it looks like, in its place. */
    public GroupElement asGroup() {
        GroupElement shown = content.group();
        return new GroupElement(traits, shown.children(), shown.clip(), shown.mask());
    }

    /** Whether a plan has put it. */
    public boolean isOf(PlanId plan) {
        return planned.filter(p -> p.plan().equals(plan)).isPresent();
    }

    /** Whether a hand has moved it from where the plan put it, has made it stand for something else, or holds it fast. */
    public boolean keptByHand() {
        return planned.filter(p -> locked() || !p.put().equals(placement()) || !p.of().equals(of))
                .isPresent();
    }

    @Override
    public CopyElement withTraits(Traits other) {
        return new CopyElement(other, of, content, planned);
    }

    @Override
    public String kind() {
        return "copy";
    }
}

package rondel.lines.filling;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.Placing;

/** Copies of drawings in a filling: each knows what it is a copy of and where it was put. */
final class Copies {

    private static final double EXACT = 1e-9;

    private Copies() {}

    static Element made(Placing placing, Element drawing, Affine put) {
        return placing.withFreshIds(List.of(drawing)).getFirst().with(t -> t.withPlacement(put)
                .withHidden(false)
                .withLocked(false)
                .withLink(Optional.of(new Link.Copy(drawing.id(), put))));
    }

    /** Whether a copy is where it was put and looks as its drawing does. One whose drawing is gone is as it was made. */
    static boolean isAsMade(Job job, Element copy) {
        if (copy.traits().link().isEmpty() || !(copy.traits().link().get() instanceof Link.Copy link)) {
            return false;
        }
        boolean stays = copy.placement().isNear(link.put(), EXACT, EXACT);
        Optional<Element> drawing = job.find(link.of()).map(Located::element);
        return stays && drawing.map(d -> bare(d).equals(bare(copy))).orElse(true);
    }

    /** An element without what sets a copy apart from its drawing. */
    private static Element bare(Element e) {
        return within(e)
                .with(t -> t.withPlacement(Affine.IDENTITY).withHidden(false).withLocked(false));
    }

    private static Element within(Element e) {
        Element bare = e.with(t -> t.withId(new ElementId("")).withLink(Optional.empty()));
        return bare instanceof GroupElement g
                ? g.withChildren(g.children().stream().map(Copies::within).toList())
                : bare;
    }
}

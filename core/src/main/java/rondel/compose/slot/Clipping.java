package rondel.compose.slot;

import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** The outline that an element clips with. */
final class Clipping {

    private Clipping() {}

    /** In the element's parent's space: a shape's or a text's own outline, all of those in a group; nothing for a picture. */
    static Optional<Clip> outline(Element e) {
        return switch (e) {
            case ShapeElement s -> Optional.of(new Clip(s.outline().transformed(s.placement()), s.rule()));
            case TextElement t -> Optional.of(new Clip(t.outline().transformed(t.placement()), FillRule.NON_ZERO));
            case GroupElement g
            when !g.children().isEmpty() -> {
                Outline all = all(g, Affine.IDENTITY);
                yield all.isEmpty() ? Optional.empty() : Optional.of(new Clip(all, FillRule.NON_ZERO));
            }
            case CopyElement c -> outline(c.asGroup());
            default -> Optional.empty();
        };
    }

    private static Outline all(Element e, Affine toTarget) {
        Affine own = toTarget.times(e.placement());
        return switch (e) {
            case ShapeElement s -> s.outline().transformed(own);
            case TextElement t -> t.outline().transformed(own);
            case GroupElement g ->
                g.children().stream()
                        .filter(c -> !c.hidden())
                        .map(c -> all(c, own))
                        .reduce(Outline.EMPTY, Outline::plus);
            case CopyElement c -> all(c.asGroup(), toTarget);
            default -> Outline.EMPTY;
        };
    }
}

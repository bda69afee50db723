package rondel.paint;

import java.util.Optional;
import java.util.function.BiFunction;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.Shadow;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** A box that holds all the ink of an element, strokes and mitres included; it may be larger than needed. */
public final class PaintedExtent {

    private PaintedExtent() {}

    /** Shadows included.
     *
     * @param toSheet from the element's parent to the sheet, on which shadows are measured */
    public static Optional<Box> of(Element element, Affine toSheet) {
        return of(element, toSheet, Outline::bounds, true);
    }

    /** Without shadows, which belong to what is behind. */
    public static Optional<Box> drawn(Element element, Affine toTarget) {
        return of(element, toTarget, Outline::bounds, false);
    }

    /** A box without shadows that is quicker to tell, and looser around what is turned. */
    static Optional<Box> rough(Element element, Affine toTarget) {
        return of(element, toTarget, (outline, affine) -> outline.bounds().map(b -> b.transformed(affine)), false);
    }

    private static Optional<Box> of(
            Element element, Affine toTarget, BiFunction<Outline, Affine, Optional<Box>> bounds, boolean shadows) {
        Optional<Box> bare = bare(element, toTarget, bounds, shadows);
        return shadows && element.traits().shadow().isPresent() ? bare.map(b -> shaded(b, element)) : bare;
    }

    private static Box shaded(Box box, Element element) {
        Shadow s = element.traits().shadow().orElseThrow();
        return box.union(box.moved(s.dx(), s.dy()).grown(s.reach()));
    }

    private static Optional<Box> bare(
            Element element, Affine toTarget, BiFunction<Outline, Affine, Optional<Box>> bounds, boolean shadows) {
        Affine own = toTarget.times(element.placement());
        return switch (element) {
            case ShapeElement s -> inked(bounds.apply(s.outline(), own), s.stroke(), own);
            case TextElement t -> inked(bounds.apply(t.outline(), own), t.stroke(), own);
            case PictureElement p -> Optional.of(p.frame().transformed(own));
            case GroupElement g -> group(g, own, bounds, shadows);
            case CopyElement c ->
                // How far shadows reach is another thing for each turn.
                shadows && c.content().hasShadow()
                        ? group(c.content().group(), own, bounds, true)
                        : c.content().measured(PaintedExtent.class, own, (g, to) -> group(g, to, bounds, false));
        };
    }

    private static Optional<Box> group(
            GroupElement g, Affine own, BiFunction<Outline, Affine, Optional<Box>> bounds, boolean shadows) {
        Optional<Box> all = Box.around(g.children().stream()
                .filter(c -> !c.hidden())
                .flatMap(c -> of(c, own, bounds, shadows).stream())
                .toList());
        return g.clip().isEmpty()
                ? all
                : all.flatMap(b -> bounds.apply(g.clip().get().outline(), own).flatMap(b::intersection));
    }

    private static Optional<Box> inked(Optional<Box> box, Optional<Stroke> stroke, Affine own) {
        if (box.isEmpty() || stroke.isEmpty()) {
            return box;
        }
        double reach = PositionedStroke.reach(stroke.get()) * PositionedStroke.scale(own);
        return box.map(b -> b.grown(reach));
    }
}

package rondel.compose.pick;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** In what way elements are alike. */
public enum Likeness {
    FILL((e, toSheet) -> paints(e, true)),
    LINE((e, toSheet) -> paints(e, false)),
    SIZE(Likeness::size),
    KIND((e, toSheet) -> e.kind()),
    ROLE((e, toSheet) -> e.role());

    /** Sizes that differ by less than this, in mm, are the same to a person. */
    private static final double STEP = 0.01;

    private final BiFunction<Element, Affine, Object> trait;

    Likeness(BiFunction<Element, Affine, Object> trait) {
        this.trait = trait;
    }

    /** The visible, unlocked siblings that are in this way like one of {@code like}, back to front.
     *
     * @param toSheet from the siblings' space to the sheet */
    public List<ElementId> among(List<Element> siblings, Affine toSheet, Set<ElementId> like) {
        Set<Object> wanted = siblings.stream()
                .filter(e -> like.contains(e.id()))
                .map(e -> trait.apply(e, toSheet))
                .collect(Collectors.toSet());
        return siblings.stream()
                .filter(e -> !e.locked() && !e.hidden() && wanted.contains(trait.apply(e, toSheet)))
                .map(Element::id)
                .toList();
    }

    /** The paints in use anywhere inside; a gradient counts by its stops, wherever it lies. */
    private static Set<Object> paints(Element e, boolean fills) {
        return GroupElement.everything(e)
                .flatMap(x -> switch (x) {
                    case ShapeElement s -> of(s.fill(), s.stroke(), fills).stream();
                    case TextElement t -> of(t.fill(), t.stroke(), fills).stream();
                    default -> java.util.stream.Stream.<Object>empty();
                })
                .collect(Collectors.toSet());
    }

    private static Optional<Object> of(Paint fill, Optional<Stroke> stroke, boolean fills) {
        Optional<Paint> paint = fills ? Optional.of(fill) : stroke.map(Stroke::paint);
        return paint.filter(Paint::visible).map(p -> switch (p) {
            case Paint.Linear g -> g.stops();
            case Paint.Radial g -> g.stops();
            default -> p;
        });
    }

    private static Object size(Element e, Affine toSheet) {
        double turn = toSheet.times(e.placement()).rotation();
        return Extent.turned(e, toSheet, turn)
                .map(b -> new Box(0, 0, Math.rint(b.width() / STEP), Math.rint(b.height() / STEP)));
    }
}

package rondel.lines.combine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Placing;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.EmptyGroups;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes shapes of shapes: united, subtracted, intersected, excluded, divided, or with what is covered dropped. Curves stay
 *  the curves they were. What is made stands in the place of the backmost and has its colours; of divided and of uncovered
 *  shapes each has the colours of the frontmost it was in. Groups count as what they cover.
 *
 * @param strokes whether lines are turned to the area they cover first */
public record Combine(List<ElementId> elements, BooleanOperation way, boolean strokes) implements Operation {

    public Combine {
        elements = List.copyOf(elements);
    }

    /** One of the elements with what it covers on the sheet. */
    private record Taken(Located at, Outline outline) {}

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        boolean enough = ids.size() > 1 || way == BooleanOperation.UNITE || way == BooleanOperation.DIVIDE;
        if (!enough) {
            throw Refusal.of("combine.several");
        }
        List<Taken> taken = taken(job, ids);
        Overlay overlay = Overlay.of(taken.stream()
                .map(t -> new Operand(t.outline, rule(t.at.element())))
                .toList());
        Job combined = way == BooleanOperation.DROP_COVERED
                ? uncovered(job, taken, overlay)
                : inPlaceOfBackmost(job, ids, taken, overlay);
        return EmptyGroups.dissolvedSince(job, combined);
    }

    private Job inPlaceOfBackmost(Job job, Set<ElementId> ids, List<Taken> taken, Overlay overlay) {
        Placing placing = new Placing(job);
        List<Element> made = made(taken, overlay, back(taken.getFirst()), placing);
        if (made.isEmpty()) {
            throw Refusal.of("combine.nothing");
        }
        ElementId first = taken.getFirst().at.element().id();
        Job done = Tree.expand(job, ids, (e, toSheet) -> e.id().equals(first) ? made : List.of());
        return done.withNextNumber(placing.next());
    }

    /** Each stays where it is, without what lies in front of it; what is covered all over goes. */
    private Job uncovered(Job job, List<Taken> taken, Overlay overlay) {
        Map<Integer, Outline> seen = overlay.uncovered();
        Map<ElementId, Element> left = new HashMap<>();
        for (int i = 0; i < taken.size(); i++) {
            Taken t = taken.get(i);
            ElementId id = t.at.element().id();
            if (seen.containsKey(i)) {
                left.put(id, shape(seen.get(i), t, back(t), id));
            }
        }
        Set<ElementId> ids = Tree.outermost(job, elements);
        return Tree.expand(job, ids, (e, toSheet) -> left.containsKey(e.id()) ? List.of(left.get(e.id())) : List.of());
    }

    private static Affine back(Taken t) {
        return t.at.toSheet()
                .inverse()
                .orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(t.at.element())));
    }

    /** The elements from back to front. */
    private List<Taken> taken(Job job, Set<ElementId> ids) {
        Silhouette silhouette = Silhouette.framed(strokes);
        List<Located> all = job.everything()
                .map(Element::id)
                .filter(ids::contains)
                .map(job::located)
                .toList();
        if (all.stream().map(l -> l.sheet().id()).distinct().count() > 1) {
            throw Refusal.of("combine.sheets");
        }
        List<Taken> taken = new ArrayList<>();
        for (Located l : all) {
            if (Tree.any(l.element(), PictureElement.class::isInstance)) {
                throw Refusal.of("combine.picture", Targets.display(l.element()));
            }
            taken.add(new Taken(l, silhouette.of(l.element(), l.toSheet())));
        }
        return taken;
    }

    private List<Element> made(List<Taken> taken, Overlay overlay, Affine back, Placing placing) {
        Taken first = taken.getFirst();
        return switch (way) {
            case UNITE -> one(overlay.unite(), first, back);
            case SUBTRACT -> one(overlay.subtract(), first, back);
            case INTERSECT -> one(overlay.intersect(), first, back);
            case EXCLUDE -> one(overlay.exclude(), first, back);
            default -> {
                List<Element> parts = new ArrayList<>();
                for (Overlay.Part part : overlay.divide()) {
                    Taken front = taken.get(part.operands().length() - 1);
                    parts.add(shape(part.outline(), front, back, placing.freshId()));
                }
                yield parts;
            }
        };
    }

    /** A shape's own rule, where it was not settled in the making of its silhouette. */
    private FillRule rule(Element e) {
        return e instanceof ShapeElement s ? s.rule() : FillRule.NON_ZERO;
    }

    private static List<Element> one(Outline outline, Taken like, Affine back) {
        return outline.isEmpty()
                ? List.of()
                : List.of(shape(outline, like, back, like.at.element().id()));
    }

    /** A shape in the backmost's parent, in the colours of one of the elements. */
    private static Element shape(Outline onSheet, Taken like, Affine back, ElementId id) {
        Traits traits = like.at.element().traits().withId(id).withPlacement(Affine.IDENTITY);
        return shape(onSheet, like.at.element(), back, back.times(like.at.ownToSheet()), traits);
    }

    /** A shape in the colours of an element.
     *
     * @param back from the space that the outline is in to the shape's
     * @param own from the element's own space to the shape's */
    static Element shape(Outline outline, Element like, Affine back, Affine own, Traits traits) {
        Optional<Stroke> stroke = strokeOf(like).map(s -> s.scaled(own.meanScale(), own));
        Paint fill = fillOf(like).transformed(own);
        return new ShapeElement(traits, outline.transformed(back), FillRule.NON_ZERO, fill, stroke);
    }

    private static Paint fillOf(Element e) {
        return switch (e) {
            case ShapeElement s -> s.fill();
            case TextElement t -> t.fill();
            case GroupElement g ->
                g.children().stream()
                        .map(Combine::fillOf)
                        .filter(Paint::visible)
                        .findFirst()
                        .orElse(Paint.NONE);
            case PictureElement p -> Paint.NONE;
            case CopyElement c -> fillOf(c.asGroup());
        };
    }

    private static Optional<Stroke> strokeOf(Element e) {
        return switch (e) {
            case ShapeElement s -> s.stroke();
            case TextElement t -> t.stroke();
            case GroupElement g ->
                g.children().stream().flatMap(c -> strokeOf(c).stream()).findFirst();
            case PictureElement p -> Optional.empty();
            case CopyElement c -> strokeOf(c.asGroup());
        };
    }

    /** What was made: whatever is there that the edit named or added. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        Set<ElementId> named = new HashSet<>(elements);
        return after.everything()
                .map(Element::id)
                .filter(id -> named.contains(id) || before.find(id).isEmpty())
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("way." + way);
    }
}

package rondel.operation;

import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiFunction;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.words.Refusal;

/** Moves elements by a map given in the sheet's space, wherever in the tree they are. */
public final class Transforming {

    private Transforming() {}

    /** Applies one map on the sheet to each of {@code ids}. */
    public static Job onSheet(Job job, Collection<ElementId> ids, Affine map) {
        return onSheet(job, Targets.unlocked(job, ids), (e, toSheet) -> map);
    }

    /** Applies to each element the map on the sheet that {@code mapFor} gives for it. */
    public static Job onSheet(Job job, Set<ElementId> ids, BiFunction<Element, Affine, Affine> mapFor) {
        return Tree.replace(job, ids, (e, toSheet) -> placed(e, toSheet, mapFor.apply(e, toSheet)));
    }

    /** The element after a map on the sheet. */
    public static Element placed(Element e, Affine toSheet, Affine map) {
        Affine inParent = toSheet.equals(Affine.IDENTITY) || map.isTranslation() && toSheet.isTranslation()
                ? map
                : toSheet.inverse()
                        .orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(e)))
                        .times(map)
                        .times(toSheet);
        Affine placed = inParent.times(e.placement());
        if (!placed.isFinite()) {
            throw Refusal.of("operation.notFinite", Targets.display(e));
        }
        return e.with(t -> t.withPlacement(placed));
    }

    /** The box around all of {@code ids} on their sheet.
     *
     * @throws Refusal if they have no extent */
    public static Box box(Job job, Collection<ElementId> ids) {
        List<Box> boxes = ids.stream()
                .map(id -> Extent.onSheet(job.located(id)).orElse(null))
                .filter(Objects::nonNull)
                .toList();
        return Box.around(boxes).orElseThrow(() -> Refusal.of("operation.noExtent"));
    }
}

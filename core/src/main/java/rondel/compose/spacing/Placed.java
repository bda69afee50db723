package rondel.compose.spacing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.compose.link.HaloUnits;
import rondel.geometry.Affine;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Refusal;

/** An element and the room it takes on its sheet, together with its halo where it has one. */
record Placed(ElementId id, Box box) {

    /** In the order given.
     *
     * @throws Refusal if one of them takes no room */
    static List<Placed> of(Job job, Collection<ElementId> ids) {
        List<Placed> all = new ArrayList<>();
        new HaloUnits(job).units(ids).forEach((id, unit) -> all.add(new Placed(id, box(job, unit))));
        return all;
    }

    /** A sticker takes the room of its halo. */
    private static Box box(Job job, Collection<ElementId> unit) {
        return Box.around(unit.stream()
                        .flatMap(id -> Extent.onSheet(job.located(id)).stream())
                        .toList())
                .orElseThrow(() -> Refusal.of("operation.noExtent"));
    }

    /** Along an axis, by where they begin; two that begin at one place by where they end. */
    static List<Placed> along(Axis axis, List<Placed> all) {
        List<Placed> sorted = new ArrayList<>(all);
        sorted.sort(Comparator.comparingDouble((Placed p) -> p.span(axis).low())
                .thenComparingDouble(p -> p.span(axis).high()));
        return sorted;
    }

    Span span(Axis axis) {
        return axis.of(box);
    }

    static Box around(List<Placed> all) {
        return Box.around(all.stream().map(Placed::box).toList()).orElseThrow();
    }

    /** The job after each element has moved by its distance along the axis. */
    static Job moved(Job job, Axis axis, Map<ElementId, Double> distances) {
        Map<ElementId, Affine> moves = new HashMap<>();
        distances.forEach((id, distance) -> moves.put(id, axis.move(distance)));
        return moved(job, moves);
    }

    /** The job after each element has been moved on its sheet. */
    static Job moved(Job job, Map<ElementId, Affine> moves) {
        Map<ElementId, Affine> all = new HashMap<>();
        HaloUnits units = new HaloUnits(job);
        units.units(moves.keySet()).forEach((id, unit) -> unit.forEach(own -> all.put(own, moves.get(id))));
        return Transforming.onSheet(job, Targets.unlocked(job, all.keySet()), (e, toSheet) -> all.get(e.id()));
    }
}

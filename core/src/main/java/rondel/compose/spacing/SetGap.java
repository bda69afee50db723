package rondel.compose.spacing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.fields.Mm;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes the gap on one side of elements exact: to the nearest neighbour of their group that faces them, or to the sheet's
 *  edge where none does. The elements move together, or, with {@code beyond}, everything on that side of them does.
 *
 * @param gap may be negative: then they overlap */
public record SetGap(
        List<ElementId> elements, Side side, @Mm double gap, boolean beyond) implements Operation {

    public SetGap {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = beyond ? Targets.existing(job, elements) : Targets.unlocked(job, elements);
        Neighbourhood around = Neighbourhood.of(job, ids);
        Gaps.Gap now = around.gaps().on(side);
        double change = Targets.finite(gap, "gap") - now.distance();
        Map<ElementId, Double> distances = new HashMap<>();
        if (!beyond) {
            ids.forEach(id -> distances.put(id, side.before() ? change : -change));
            return Placed.moved(job, side.axis(), distances);
        }
        List<ElementId> others = around.neighbours().stream()
                .filter(p -> !p.locked() && liesBeyond(p.box(), around.box()))
                .map(Neighbourhood.Neighbour::id)
                .toList();
        if (others.isEmpty()) {
            throw Refusal.of("gap.nothingBeyond");
        }
        others.forEach(id -> distances.put(id, side.before() ? -change : change));
        return Placed.moved(job, side.axis(), distances);
    }

    private boolean liesBeyond(Box other, Box own) {
        Axis axis = side.axis();
        Span theirs = axis.of(other);
        Span ours = axis.of(own);
        return side.before() ? theirs.high() <= ours.low() : theirs.low() >= ours.high();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.setGap");
    }
}

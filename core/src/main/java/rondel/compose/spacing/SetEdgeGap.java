package rondel.compose.spacing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.fields.Mm;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Moves elements together so that they stand at an exact distance inside one edge of the sheet, whatever lies between.
 *
 * @param gap negative for a reach past the edge */
public record SetEdgeGap(
        List<ElementId> elements, Side side, @Mm double gap) implements Operation {

    public SetEdgeGap {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.finite(gap, "gap");
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Span own = side.axis().of(Placed.around(Placed.of(job, ids)));
        Span trim = side.axis().of(job.located(ids.iterator().next()).sheet().trim());
        double distance = side.before() ? trim.low() + gap - own.low() : trim.high() - gap - own.high();
        Map<ElementId, Double> distances = new HashMap<>();
        ids.forEach(id -> distances.put(id, distance));
        return Placed.moved(job, side.axis(), distances);
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

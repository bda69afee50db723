package rondel.compose.spacing;

import java.util.List;
import rondel.geometry.Axis;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Moves elements so that the gaps between neighbours along an axis are equal. The outermost two stay; boxes may overlap,
 *  then the gap is negative. */
public record EvenGaps(List<ElementId> elements, Axis axis) implements Operation {

    public EvenGaps {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        List<Placed> row = Placed.along(axis, Placed.of(job, Targets.unlocked(job, elements)));
        if (row.size() < 3) {
            throw Refusal.of("align.tooFew", 3);
        }
        Span all = axis.of(Placed.around(row));
        return Row.spread(job, row, axis, all);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.evenGaps");
    }
}

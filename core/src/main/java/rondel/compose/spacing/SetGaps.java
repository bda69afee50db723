package rondel.compose.spacing;

import java.util.List;
import java.util.Optional;
import rondel.fields.Mm;
import rondel.geometry.Axis;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts elements one after the other along an axis, in the order they stand, with an exact gap between neighbours.
 *
 * @param key which of them stays where it is; the first where none is named */
public record SetGaps(
        List<ElementId> elements, Axis axis, @Mm double gap, Optional<ElementId> key) implements Operation {

    public SetGaps {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.finite(gap, "gap");
        List<Placed> row = Placed.along(axis, Placed.of(job, Targets.unlocked(job, elements)));
        if (row.size() < 2) {
            throw Refusal.of("align.tooFew", 2);
        }
        ElementId still = key.orElse(row.getFirst().id());
        double before = 0;
        for (Placed p : row) {
            if (p.id().equals(still)) {
                return Row.from(job, row, axis, p.span(axis).low() - before, gap);
            }
            before += p.span(axis).length() + gap;
        }
        throw Refusal.of("align.noKey");
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.setGaps");
    }
}

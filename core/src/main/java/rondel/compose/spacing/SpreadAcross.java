package rondel.compose.spacing;

import java.util.List;
import rondel.fields.Mm;
import rondel.geometry.Axis;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Spreads elements over an exact length, flush at both ends, with equal gaps that follow from it; a single one goes to
 *  its middle. Where they are longer than the length together, they overlap evenly.
 *
 * @param start where the length begins on the sheet
 * @param length above 0 */
public record SpreadAcross(
        List<ElementId> elements,
        Axis axis,
        @Mm double start,
        @Mm double length) implements Operation {

    public SpreadAcross {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.finite(start, "start");
        if (!(length > 0 && Double.isFinite(length))) {
            throw Refusal.of("resize.notPositive");
        }
        List<Placed> row = Placed.along(axis, Placed.of(job, Targets.unlocked(job, elements)));
        return Row.spread(job, row, axis, new Span(start, start + length));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.spreadAcross");
    }
}

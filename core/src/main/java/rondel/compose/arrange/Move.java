package rondel.compose.arrange;

import java.util.List;
import java.util.Optional;
import rondel.compose.link.HaloUnits;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Words;

/** Moves elements by a distance on their sheet: right and down where positive. */
public record Move(
        List<ElementId> elements, @Mm double dx, @Mm double dy) implements Operation {

    public Move {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Transforming.onSheet(
                job,
                new HaloUnits(job).whole(elements),
                Affine.translate(Targets.finite(dx, "dx"), Targets.finite(dy, "dy")));
    }

    /** Further by as much. */
    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return next instanceof Move m && m.elements.equals(elements)
                ? Optional.of(new Move(elements, dx + m.dx, dy + m.dy))
                : Optional.empty();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.move");
    }
}

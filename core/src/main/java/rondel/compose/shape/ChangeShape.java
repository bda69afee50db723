package rondel.compose.shape;

import java.util.List;
import java.util.Set;
import rondel.geometry.shape.PlainShape;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gives shapes other figures: another size, other corners, another number of points, or another kind of plain shape. The top left
 *  corner of each one's frame stays, as it lies on the sheet. */
public record ChangeShape(List<ElementId> elements, PlainShape shape) implements Operation {

    public ChangeShape {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.replace(job, ids, (e, toSheet) -> {
            if (e instanceof ShapeElement s && s.plain().isPresent()) {
                return s.withPlain(shape);
            }
            throw Refusal.of("shape.notPlain", Targets.display(e));
        });
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.changeShape");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes elements more or less clear, each as a whole: what overlaps inside a group stays opaque to each other.
 *
 * @param opacity 0 for clear to 1 for opaque */
public record SetOpacity(List<ElementId> elements, double opacity) implements Operation {

    public SetOpacity {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        if (!(opacity >= 0 && opacity <= 1)) {
            throw Refusal.of("opacity.bad");
        }
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> e.with(t -> t.withOpacity(opacity)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.opacity");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Hides elements, or shows them again. What is hidden is kept and not made. */
public record Hide(
        List<ElementId> elements, @LeftOut("true") boolean hidden) implements Operation {

    public Hide {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.existing(job, elements), (e, toSheet) -> e.with(t -> t.withHidden(hidden)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of(hidden ? "operation.hide" : "operation.show");
    }
}

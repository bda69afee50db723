package rondel.compose.arrange;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Names elements. */
public record Rename(List<ElementId> elements, @LeftOut("") String name) implements Operation {

    public Rename {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.existing(job, elements), (e, toSheet) -> e.with(t -> t.withName(name)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.rename");
    }
}

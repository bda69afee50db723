package rondel.run.stitch;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.StitchSettings;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Says how elements are stitched, or lets that be as usual again. */
public record SetStitch(List<ElementId> elements, Optional<StitchSettings> stitch) implements Operation {

    public SetStitch {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> e.with(t -> t.withStitch(stitch)));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.setStitch");
    }
}

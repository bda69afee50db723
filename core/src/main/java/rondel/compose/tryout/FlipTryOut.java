package rondel.compose.tryout;

import java.util.List;
import java.util.Set;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Goes on to another alternative of try-outs, round at the ends.
 *
 * @param by 1 for the next, -1 for the one before */
public record FlipTryOut(List<ElementId> elements, int by) implements Operation {

    public FlipTryOut {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.replace(job, ids, (e, toSheet) -> {
            GroupElement g = TryOuts.of(e);
            int count = Math.max(1, g.children().size());
            return TryOuts.showing(g, Math.floorMod(TryOuts.shown(g) + by, count));
        });
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.flipTryOut");
    }
}

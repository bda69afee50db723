package rondel.compose.tryout;

import java.util.List;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Settles on the alternatives that are shown: each stands where its try-out stood, and the others go. */
public record KeepShown(List<ElementId> elements) implements Operation {

    public KeepShown {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.expand(job, ids, (e, toSheet) -> List.of(kept(TryOuts.of(e))));
    }

    private static Element kept(GroupElement g) {
        return g.children()
                .get(TryOuts.shown(g))
                .with(t -> t.placedBy(g.placement()).withHidden(g.hidden()).withOpacity(t.opacity() * g.opacity()));
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return elements.stream()
                .map(id -> TryOuts.of(before.located(id).element()))
                .map(g -> g.children().get(TryOuts.shown(g)).id())
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.keepShown");
    }
}

package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.fields.Mm;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Copies elements, each group with all it holds, in front of their originals and moved by a distance. */
public record Duplicate(
        List<ElementId> elements, @Mm double dx, @Mm double dy) implements Operation {

    public Duplicate {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.existing(job, elements);
        Placing placing = new Placing(job);
        List<ElementId> copies = new ArrayList<>();
        Job copied = Tree.siblings(job, ids, siblings -> {
            List<Element> all = new ArrayList<>(siblings);
            int at = all.size() - 1;
            while (!ids.contains(all.get(at).id())) {
                at--;
            }
            List<Element> made = placing.withFreshIds(
                    siblings.stream().filter(e -> ids.contains(e.id())).toList());
            made = made.stream().map(e -> e.with(t -> t.withLocked(false))).toList();
            made.forEach(e -> copies.add(e.id()));
            all.addAll(at + 1, made);
            return all;
        });
        Job numbered = copied.withNextNumber(placing.next());
        boolean stays = Targets.finite(dx, "dx") == 0 && Targets.finite(dy, "dy") == 0;
        return stays ? numbered : new Move(copies, dx, dy).apply(numbered);
    }

    /** The copies: what is there after that was not there before, and stands in nothing new. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        List<ElementId> fresh = Targets.added(before, after).map(Element::id).toList();
        Set<ElementId> outermost = Tree.outermost(after, fresh);
        return fresh.stream().filter(outermost::contains).toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.duplicate");
    }
}

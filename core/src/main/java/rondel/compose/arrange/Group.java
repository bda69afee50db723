package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Placing;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes one group of elements that stand in the same group or on the same sheet; it takes the place of the frontmost.
 *  A group of one is fine. */
public record Group(List<ElementId> elements, @LeftOut("") String name) implements Operation {

    public Group {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Located first = job.located(elements.getFirst());
        Set<ElementId> siblings =
                Set.copyOf(first.siblings().stream().map(Element::id).toList());
        if (!siblings.containsAll(ids)) {
            throw Refusal.of("group.notSiblings");
        }
        Placing placing = new Placing(job);
        ElementId id = placing.freshId();
        Job grouped = Tree.siblings(job, ids, list -> gather(list, ids, id));
        if (GroupElement.depth(first.sheet().elements()) >= GroupElement.DEEPEST
                && GroupElement.depth(grouped.sheet(first.sheet().id()).elements()) > GroupElement.DEEPEST) {
            throw Refusal.of("group.tooDeep", GroupElement.DEEPEST);
        }
        return grouped.withNextNumber(placing.next());
    }

    private List<Element> gather(List<Element> siblings, Set<ElementId> ids, ElementId id) {
        List<Element> members =
                siblings.stream().filter(e -> ids.contains(e.id())).toList();
        List<Element> result = new ArrayList<>();
        for (Element e : siblings) {
            if (!ids.contains(e.id())) {
                result.add(e);
            } else if (e == members.getLast()) {
                result.add(GroupElement.of(Traits.named(name).withId(id), members));
            }
        }
        return result;
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return after.located(elements.getFirst()).parent().map(Element::id).stream()
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.group");
    }
}

package rondel.lines.combine;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes unions that follow their wording into plain shapes; what they were made of goes. */
public record MakePermanent(List<ElementId> elements) implements Operation {

    public MakePermanent {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Set<ElementId> unions = ids.stream()
                .flatMap(id -> GroupElement.everything(job.located(id).element()))
                .filter(Unions::isUnion)
                .map(Element::id)
                .collect(Collectors.toSet());
        if (unions.isEmpty()) {
            throw Refusal.of("unite.noUnion");
        }
        Set<ElementId> parents = unions.stream()
                .flatMap(u -> job.located(u).parent().stream())
                .map(Element::id)
                .collect(Collectors.toSet());
        return Tree.replace(job, Tree.outermost(job, parents), (g, toSheet) -> plain(g, unions));
    }

    /** A group and what is in it, innermost first, without what its unions were made of. */
    private static Element plain(Element element, Set<ElementId> unions) {
        if (!(element instanceof GroupElement g)) {
            return element;
        }
        Element done =
                g.withChildren(g.children().stream().map(c -> plain(c, unions)).toList());
        for (Element union : g.children()) {
            if (unions.contains(union.id()) && done instanceof GroupElement left) {
                done = without(left, union);
            }
        }
        return done;
    }

    /** A group that holds nothing else becomes the shape. */
    private static Element without(GroupElement g, Element union) {
        Link.Union link = (Link.Union) union.traits().link().orElseThrow();
        List<Element> left = g.children().stream()
                .filter(e -> !link.elements().contains(e.id()))
                .map(e -> e.id().equals(union.id()) ? e.with(t -> t.withLink(Optional.empty())) : e)
                .toList();
        boolean alone = left.size() == 1
                && !g.veiled()
                && g.opacity() == 1
                && g.traits().shadow().isEmpty();
        return alone
                ? left.getFirst().with(t -> t.withId(g.id())
                        .withName(g.name())
                        .withHidden(g.hidden() || t.hidden())
                        .withPlacement(g.placement().times(t.placement())))
                : g.withChildren(left);
    }

    /** What is there still, and the groups that others have become. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return elements.stream()
                .map(id -> after.find(id).isPresent()
                        ? id
                        : before.located(id).parent().orElseThrow().id())
                .distinct()
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.makePermanent");
    }
}

package rondel.lines.combine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.PictureElement;
import rondel.job.Placing;
import rondel.job.Role;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Unites siblings while they stay what they are: a group holds them, hidden, and in front of them the one shape that they make
 *  together. When a wording or a shape is changed, so is the union, until it is made permanent. */
public record UniteLive(List<ElementId> elements) implements Operation {

    public UniteLive {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        ElementId first = job.everything()
                .map(Element::id)
                .filter(ids::contains)
                .findFirst()
                .orElseThrow();
        List<Element> sources = job.located(first).siblings().stream()
                .filter(e -> ids.contains(e.id()))
                .toList();
        if (sources.size() != ids.size()) {
            throw Refusal.of("unite.siblings");
        }
        for (Element e : sources) {
            if (Tree.any(e, PictureElement.class::isInstance)) {
                throw Refusal.of("combine.picture", Targets.display(e));
            }
        }
        Placing placing = new Placing(job);
        Element group = group(sources, placing);
        Job done = Tree.siblings(job, ids, siblings -> replaced(siblings, ids, group));
        return done.withNextNumber(placing.next());
    }

    private static List<Element> replaced(List<Element> siblings, Set<ElementId> ids, Element group) {
        List<Element> all = new ArrayList<>();
        boolean put = false;
        for (Element e : siblings) {
            if (!ids.contains(e.id())) {
                all.add(e);
            } else if (!put) {
                all.add(group);
                put = true;
            }
        }
        return all;
    }

    private static Element group(List<Element> sources, Placing placing) {
        Element back = sources.getFirst();
        Outline united = Unions.of(sources);
        if (united.isEmpty()) {
            throw Refusal.of("combine.nothing");
        }
        List<ElementId> ids = sources.stream().map(Element::id).toList();
        Traits traits = Traits.named(Words.of("unite.name", Targets.display(back)))
                .withId(placing.freshId())
                .withRole(back.role())
                .withLink(Optional.of(new Link.Union(ids)));
        Element union = Combine.shape(united, back, Affine.IDENTITY, back.placement(), traits);
        List<Element> children = new ArrayList<>();
        sources.forEach(e -> children.add(e.with(t -> t.withHidden(true).withRole(Role.PRINT))));
        children.add(union);
        return GroupElement.of(Traits.named(Targets.display(back)).withId(placing.freshId()), children);
    }

    /** The group. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Targets.addedGroups(before, after);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.uniteLive");
    }
}

package rondel.compose.slot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.job.Clip;
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

/** Shows elements only inside the outline of another, which stands among them. Both are kept: {@link Unclip} gives them
 *  back as they were. The clipped group takes the place of the frontmost of them.
 *
 * @param shape the closed outline: a shape, a text or a group of those */
public record ClipWith(List<ElementId> elements, ElementId shape) implements Operation {

    public ClipWith {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        List<ElementId> all = new ArrayList<>(elements);
        all.remove(shape);
        if (all.isEmpty()) {
            throw Refusal.of("clip.nothing");
        }
        all.add(shape);
        Set<ElementId> ids = Targets.unlocked(job, all);
        Located first = job.located(shape);
        if (!Set.copyOf(first.siblings().stream().map(Element::id).toList()).containsAll(ids)) {
            throw Refusal.of("group.notSiblings");
        }
        Element outline = first.element();
        Clip clip = Clipping.outline(outline).orElseThrow(() -> Refusal.of("clip.noOutline", Targets.display(outline)));
        Placing placing = new Placing(job);
        ElementId id = placing.freshId();
        return Tree.siblings(job, ids, list -> {
                    List<Element> inside = list.stream()
                            .filter(e -> ids.contains(e.id()) && !e.id().equals(shape))
                            .toList();
                    Element frontmost = list.stream()
                            .filter(e -> ids.contains(e.id()))
                            .reduce((a, b) -> b)
                            .orElseThrow();
                    GroupElement clipped = new GroupElement(
                            Traits.named(outline.name()).withId(id),
                            inside,
                            Optional.of(new Clip(clip.outline(), clip.rule(), Optional.of(outline), above(list, ids))),
                            Optional.empty());
                    List<Element> result = new ArrayList<>();
                    for (Element e : list) {
                        if (e == frontmost) {
                            result.add(clipped);
                        } else if (!ids.contains(e.id())) {
                            result.add(e);
                        }
                    }
                    return result;
                })
                .withNextNumber(placing.next());
    }

    /** In front of how many of what is clipped the shape lies. */
    private int above(List<Element> list, Set<ElementId> ids) {
        int above = 0;
        for (Element e : list) {
            if (e.id().equals(shape)) {
                return above;
            }
            above += ids.contains(e.id()) ? 1 : 0;
        }
        return above;
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        ElementId content =
                elements.stream().filter(e -> !e.equals(shape)).findFirst().orElse(shape);
        return after.find(content).flatMap(Located::parent).map(Element::id).stream()
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.clip");
    }
}

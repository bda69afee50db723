package rondel.compose.link;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lets elements, and what is in them, go their own way from here on. One that is left alone in its set is freed too. */
public record Unlink(List<ElementId> elements) implements Operation {

    public Unlink {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> linked = new HashSet<>();
        for (ElementId id : Targets.existing(job, elements)) {
            GroupElement.everything(job.located(id).element())
                    .filter(e -> e.traits().link().isPresent())
                    .forEach(e -> linked.add(e.id()));
        }
        if (linked.isEmpty()) {
            throw Refusal.of("link.none");
        }
        linked.addAll(leftAlone(job, linked));
        return job.withSheets(job.sheets().stream()
                .map(s -> s.withElements(
                        s.elements().stream().map(e -> freed(e, linked)).toList()))
                .toList());
    }

    /** An element and what is in it, without the links of those that are freed; the same object where none is. */
    private static Element freed(Element e, Set<ElementId> linked) {
        Element own = linked.contains(e.id()) ? e.with(t -> t.withLink(Optional.empty())) : e;
        if (!(own instanceof GroupElement g)) {
            return own;
        }
        List<Element> children =
                g.children().stream().map(c -> freed(c, linked)).toList();
        boolean same = true;
        for (int i = 0; same && i < children.size(); i++) {
            same = children.get(i) == g.children().get(i);
        }
        return same ? own : g.withChildren(children);
    }

    private static Set<ElementId> leftAlone(Job job, Set<ElementId> freed) {
        Set<ElementId> alone = new HashSet<>();
        for (List<Element> set : AlikeElements.sets(job).values()) {
            List<Element> kept =
                    set.stream().filter(e -> !freed.contains(e.id())).toList();
            if (kept.size() == 1) {
                alone.add(kept.getFirst().id());
            }
        }
        return alone;
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.unlink");
    }

    /** How many others are kept alike with an element. */
    public static int others(Job job, Element element) {
        return element.traits().link().isPresent() && element.traits().link().get() instanceof Link.Alike a
                ? AlikeElements.sets(job)
                                .getOrDefault(a.set(), List.of(element))
                                .size()
                        - 1
                : 0;
    }
}

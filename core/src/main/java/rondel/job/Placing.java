package rondel.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Gives elements ids that are free in a job: their own where it is free, else the next number's. */
public final class Placing {

    private final Job job;
    private final Set<ElementId> given = new HashSet<>();
    private long next;

    public Placing(Job job) {
        this.job = job;
        this.next = job.nextNumber();
    }

    /** Whether an id is free; it is not from then on. */
    private boolean take(ElementId id) {
        return job.find(id).isEmpty() && given.add(id);
    }

    public long next() {
        return next;
    }

    public ElementId freshId() {
        ElementId id;
        do {
            id = new ElementId("e" + next++);
        } while (!take(id));
        return id;
    }

    /** The elements, each with an id of its own. */
    public List<Element> keepingFreeIds(List<Element> elements) {
        List<Element> placed = new ArrayList<>(elements.size());
        for (Element e : elements) {
            ElementId id = !e.id().value().isEmpty() && take(e.id()) ? e.id() : freshId();
            placed.add(kept(e, id));
        }
        return placed;
    }

    /** Copies, each with an id of its own. One that follows others follows their copies, where those are copied too, and
     *  is free otherwise. */
    public List<Element> withFreshIds(List<Element> elements) {
        Map<ElementId, ElementId> copies = new HashMap<>();
        List<Element> renamed = elements.stream().map(e -> copy(e, copies)).toList();
        return renamed.stream().map(e -> relinked(e, copies)).toList();
    }

    private Element copy(Element e, Map<ElementId, ElementId> copies) {
        ElementId id = freshId();
        copies.put(e.id(), id);
        Element own = put(e).with(t -> t.withId(id));
        return own instanceof GroupElement g
                ? g.withChildren(g.children().stream().map(c -> copy(c, copies)).toList())
                : own;
    }

    /** What a plan has put is put by hand once it is copied. */
    private static Element put(Element e) {
        return e instanceof CopyElement c ? c.withPlanned(java.util.Optional.empty()) : e;
    }

    private static Element relinked(Element e, Map<ElementId, ElementId> copies) {
        Element own = e.with(t -> t.withLink(t.link().flatMap((Link l) -> l.amongCopies(copies))));
        return own instanceof GroupElement g
                ? g.withChildren(
                        g.children().stream().map(c -> relinked(c, copies)).toList())
                : own;
    }

    private Element kept(Element e, ElementId id) {
        Element own = e.with(t -> t.withId(id));
        return own instanceof GroupElement g ? g.withChildren(keepingFreeIds(g.children())) : own;
    }
}

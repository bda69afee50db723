package rondel.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Gives elements ids that are free in a job: their own where it is free, else the next number's. */
public final class Placing {

    private final Set<String> taken = new HashSet<>();
    private long next;

    public Placing(Job job) {
        job.everything().forEach(e -> taken.add(e.id().value()));
        next = job.nextNumber();
    }

    public long next() {
        return next;
    }

    public ElementId freshId() {
        String id;
        do {
            id = "e" + next++;
        } while (!taken.add(id));
        return new ElementId(id);
    }

    /** The elements, each with an id of its own. */
    public List<Element> keepingFreeIds(List<Element> elements) {
        List<Element> placed = new ArrayList<>(elements.size());
        for (Element e : elements) {
            String own = e.id().value();
            ElementId id = !own.isEmpty() && taken.add(own) ? e.id() : freshId();
            placed.add(within(e, Optional.of(id)));
        }
        return placed;
    }

    /** Copies, each with an id of its own and free of what the originals are linked to. */
    public List<Element> withFreshIds(List<Element> elements) {
        return elements.stream().map(e -> within(e, Optional.empty())).toList();
    }

    private Element within(Element e, Optional<ElementId> id) {
        Element own = e.with(
                t -> id.isPresent() ? t.withId(id.get()) : t.withId(freshId()).withLink(Optional.empty()));
        if (own instanceof GroupElement g) {
            return g.withChildren(id.isPresent() ? keepingFreeIds(g.children()) : withFreshIds(g.children()));
        }
        return own;
    }
}

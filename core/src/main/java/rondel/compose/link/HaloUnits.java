package rondel.compose.link;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;

/** A sticker is one thing: its artwork and the halo around it are moved and spaced together. */
public final class HaloUnits {

    private final Job job;

    /** The visible halos of each element that one goes around. */
    private final Map<ElementId, List<ElementId>> halos = new HashMap<>();

    public HaloUnits(Job job) {
        this.job = job;
        job.linked().filter(e -> !e.hidden()).forEach(e -> around(e)
                .forEach(of -> halos.computeIfAbsent(of, k -> new ArrayList<>()).add(e.id())));
    }

    private static List<ElementId> around(Element e) {
        return e.traits().link().orElse(null) instanceof Link.Around a ? a.elements() : List.of();
    }

    /** Elements with what has to move along with them: a halo's artwork, and the halos of artwork. In the order given, each once. */
    public Set<ElementId> whole(Collection<ElementId> ids) {
        Set<ElementId> all = new LinkedHashSet<>();
        for (ElementId id : ids) {
            all.addAll(unit(id));
        }
        return all;
    }

    /** Elements as units, by the one that was named first of each. */
    public Map<ElementId, Set<ElementId>> units(Collection<ElementId> ids) {
        Map<ElementId, Set<ElementId>> units = new LinkedHashMap<>();
        Set<ElementId> taken = new HashSet<>();
        for (ElementId id : ids) {
            if (!taken.contains(id)) {
                Set<ElementId> unit = new LinkedHashSet<>(unit(id));
                unit.removeAll(taken);
                taken.addAll(unit);
                units.put(id, unit);
            }
        }
        return units;
    }

    /** An element, what it goes around if it is a halo, and all halos around those. */
    private Set<ElementId> unit(ElementId id) {
        Set<ElementId> unit = new LinkedHashSet<>();
        unit.add(id);
        job.find(id).map(Located::element).map(HaloUnits::around).ifPresent(unit::addAll);
        for (ElementId own : List.copyOf(unit)) {
            halos.getOrDefault(own, List.of()).forEach(unit::add);
        }
        unit.removeIf(other -> !other.equals(id) && !standsApart(other, id));
        return unit;
    }

    /** Whether an element is on the sheet of another, and neither lies in the other. */
    private boolean standsApart(ElementId other, ElementId id) {
        Located a = job.find(other).orElse(null);
        Located b = job.find(id).orElse(null);
        return a != null
                && b != null
                && a.sheet().id().equals(b.sheet().id())
                && a.ancestors().stream().noneMatch(e -> e.id().equals(id))
                && b.ancestors().stream().noneMatch(e -> e.id().equals(other));
    }
}

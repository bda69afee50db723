package rondel.run.stitch;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The order in which the sections of a fill are sewn so that every way from one to the next lies where rows will cover it: a tree over the sections that
 *  touch, walked in postorder. The thread goes through a section that is not sewn yet to those beyond it, each of which is sewn back towards it, and
 *  sews it last. */
final class SectionOrder {

    private final Map<RowSegment, List<RowSegment>> of = new HashMap<>();

    private SectionOrder() {}

    /** A section to sew.
     *
     * @param starts at which of its ends it may be begun */
    record Visit(List<RowSegment> section, Set<RowSegment> starts) {}

    /** @param start where the thread is at first: the section around it is sewn last */
    static List<Visit> from(List<List<RowSegment>> sections, RowSegment start) {
        SectionOrder order = new SectionOrder();
        for (List<RowSegment> section : sections) {
            section.forEach(s -> order.of.put(s, section));
        }
        Set<RowSegment> seen = new HashSet<>();
        List<Visit> visits = new ArrayList<>();
        order.walk(order.of.get(start), seen, visits);
        for (List<RowSegment> section : sections) {
            if (!seen.contains(section.getFirst())) {
                order.walk(section, seen, visits);
            }
        }
        return visits;
    }

    /** A section on the way to others.
     *
     * @param parent from which it was come to */
    private record Step(List<RowSegment> section, Optional<List<RowSegment>> parent, Deque<List<RowSegment>> left) {}

    private void walk(List<RowSegment> root, Set<RowSegment> seen, List<Visit> visits) {
        Deque<Step> open = new ArrayDeque<>();
        open.push(step(root, Optional.empty()));
        seen.add(root.getFirst());
        while (!open.isEmpty()) {
            Step now = open.peek();
            List<RowSegment> next = now.left().poll();
            if (next == null) {
                open.pop();
                visits.add(new Visit(now.section(), starts(now)));
            } else if (seen.add(next.getFirst())) {
                open.push(step(next, Optional.of(now.section())));
            }
        }
    }

    private Step step(List<RowSegment> section, Optional<List<RowSegment>> parent) {
        return new Step(section, parent, new ArrayDeque<>(touching(section)));
    }

    private List<List<RowSegment>> touching(List<RowSegment> section) {
        // By identity of their first stretches: sections never share one.
        Map<RowSegment, List<RowSegment>> found = new LinkedHashMap<>();
        for (RowSegment end : List.of(section.getFirst(), section.getLast())) {
            for (RowSegment s : end.beside()) {
                List<RowSegment> other = of.get(s);
                if (other != section) {
                    found.put(other.getFirst(), other);
                }
            }
        }
        return List.copyOf(found.values());
    }

    /** The end that is away from where the thread has to go on to; both where that does not matter. */
    private Set<RowSegment> starts(Step step) {
        RowSegment first = step.section().getFirst();
        RowSegment last = step.section().getLast();
        Optional<List<RowSegment>> parent = step.parent();
        boolean atFirst = parent.filter(p -> touches(first, p)).isPresent();
        boolean atLast = parent.filter(p -> touches(last, p)).isPresent();
        if (atFirst == atLast) {
            return new LinkedHashSet<>(List.of(first, last));
        }
        return Set.of(atFirst ? last : first);
    }

    private boolean touches(RowSegment end, List<RowSegment> section) {
        return end.beside().stream().anyMatch(s -> of.get(s) == section);
    }
}

package rondel.operation;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Tree;

/** Drops groups that an edit has emptied; a group that was empty before stays. */
public final class EmptyGroups {

    private EmptyGroups() {}

    /** A job without the groups that were not empty before an edit. */
    public static Job dissolvedSince(Job before, Job after) {
        Set<ElementId> emptyBefore = empty(before);
        Job job = after;
        for (; ; ) {
            Set<ElementId> gone = empty(job);
            gone.removeAll(emptyBefore);
            if (gone.isEmpty()) {
                return job;
            }
            job = Tree.expand(job, gone, (e, toSheet) -> List.of());
        }
    }

    private static Set<ElementId> empty(Job job) {
        return job.everything()
                .filter(e -> e instanceof GroupElement g
                        && g.children().isEmpty()
                        && g.slot().isEmpty())
                .map(Element::id)
                .collect(Collectors.toSet());
    }
}

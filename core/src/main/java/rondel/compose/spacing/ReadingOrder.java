package rondel.compose.spacing;

import java.util.Collection;
import java.util.List;
import rondel.job.ElementId;
import rondel.job.Job;

/** Elements in the order a person reads a page: line by line, each from the left. */
public final class ReadingOrder {

    private ReadingOrder() {}

    public static List<ElementId> of(Job job, Collection<ElementId> ids) {
        return SetGrid.reading(Placed.of(job, ids)).stream().map(Placed::id).toList();
    }
}

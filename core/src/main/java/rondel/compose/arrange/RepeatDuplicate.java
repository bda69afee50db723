package rondel.compose.arrange;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.history.History;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;

/** The last duplicate again: the newest copies are copied once more, as far from them as they now are from what they were
 *  copied from, however they were moved since. */
public final class RepeatDuplicate {

    private RepeatDuplicate() {}

    /** Nothing where nothing was duplicated, or the copies are gone. */
    public static Optional<Duplicate> of(History history) {
        for (Optional<History.Step> s = history.past();
                s.isPresent();
                s = s.get().next()) {
            if (s.get().operation() instanceof Duplicate last) {
                List<ElementId> copies =
                        last.selects(s.get().job(), s.get().after().job());
                return repeated(history.job(), last.elements(), copies);
            }
        }
        return Optional.empty();
    }

    private static Optional<Duplicate> repeated(Job job, List<ElementId> sources, List<ElementId> copies) {
        Optional<Box> from = box(job, sources);
        Optional<Box> to = box(job, copies);
        if (from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        Point a = from.get().centre();
        Point b = to.get().centre();
        return Optional.of(new Duplicate(copies, b.x() - a.x(), b.y() - a.y()));
    }

    private static Optional<Box> box(Job job, List<ElementId> ids) {
        return ids.stream().allMatch(id -> job.find(id).isPresent())
                ? Box.around(ids.stream()
                        .flatMap(id -> Extent.onSheet(job.located(id)).stream())
                        .toList())
                : Optional.empty();
    }
}

package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Transforming;

/** Copies siblings in front of themselves, each time moved by a map on the sheet. */
final class Copying {

    private Copying() {}

    /** Elements and what was copied of them: whatever an edit has added. */
    static List<ElementId> withCopies(List<ElementId> elements, Job before, Job after) {
        List<ElementId> all = new ArrayList<>(elements);
        all.addAll(new Duplicate(elements, 0, 0).selects(before, after));
        return all;
    }

    /** The job with one set of copies for each map, in order. Copies are not locked.
     *
     * @param toSheet from the siblings' parent to the sheet */
    static Job of(Job job, Set<ElementId> ids, Affine toSheet, List<Affine> maps) {
        Placing placing = new Placing(job);
        Job copied = Tree.siblings(job, ids, siblings -> {
            List<Element> chosen =
                    siblings.stream().filter(e -> ids.contains(e.id())).toList();
            List<Element> copies = new ArrayList<>();
            for (Affine map : maps) {
                for (Element e : placing.withFreshIds(chosen)) {
                    copies.add(Transforming.placed(e.with(t -> t.withLocked(false)), toSheet, map));
                }
            }
            List<Element> all = new ArrayList<>(siblings);
            all.addAll(all.lastIndexOf(chosen.getLast()) + 1, copies);
            return all;
        });
        return copied.withNextNumber(placing.next());
    }
}

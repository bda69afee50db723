package rondel.compose.spacing;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.compose.link.HaloUnits;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Sheet;
import rondel.words.Refusal;

/** Elements together, what else stands in their group, and the sheet under them.
 *
 * @param box around the elements */
public record Neighbourhood(Box box, List<Neighbour> neighbours, Sheet sheet) {

    /** Something visible beside the elements. */
    public record Neighbour(ElementId id, Box box, boolean locked) {}

    /** @throws Refusal if the elements take no room */
    public static Neighbourhood of(Job job, Collection<ElementId> ids) {
        Located first = job.located(ids.iterator().next());
        Set<ElementId> own = new HaloUnits(job).whole(ids);
        List<Box> boxes = own.stream()
                .flatMap(id -> Extent.onSheet(job.located(id)).stream())
                .toList();
        Box box = Box.around(boxes).orElseThrow(() -> Refusal.of("operation.noExtent"));
        return new Neighbourhood(box, others(first.siblings(), first.toSheet(), own), first.sheet());
    }

    /** What is visible of siblings, without {@code own}. */
    public static List<Neighbour> others(List<Element> siblings, Affine toSheet, Set<ElementId> own) {
        return siblings.stream()
                .filter(e -> !own.contains(e.id()) && !e.hidden())
                .flatMap(e -> Extent.of(e, toSheet).map(b -> new Neighbour(e.id(), b, e.locked())).stream())
                .collect(Collectors.toList());
    }

    public Gaps gaps() {
        return Gaps.of(box, neighbours.stream().map(Neighbour::box).toList(), sheet.trim());
    }
}

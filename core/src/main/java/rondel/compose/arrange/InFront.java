package rondel.compose.arrange;

import java.util.List;
import java.util.function.BiFunction;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.Placing;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** Puts elements on a sheet in front of all others. */
final class InFront {

    private InFront() {}

    /** @param ids how the elements get ids that no others have
     *  @throws Refusal if there are none, groups stand too deep in each other, or one lies nowhere */
    static Job put(
            Job job,
            SheetId sheet,
            List<Element> elements,
            List<Media> media,
            BiFunction<Placing, List<Element>, List<Element>> ids) {
        if (GroupElement.depth(elements) > GroupElement.DEEPEST) {
            throw Refusal.of("group.tooDeep", GroupElement.DEEPEST);
        }
        if (elements.isEmpty()) {
            throw Refusal.of("operation.nothingNamed");
        }
        for (Element e : elements) {
            Extent.of(e, Affine.IDENTITY)
                    .filter(b -> !Double.isFinite(b.right() + b.bottom()))
                    .ifPresent(b -> {
                        throw Refusal.of("place.nowhere", Targets.display(e));
                    });
        }
        Placing placing = new Placing(job);
        List<Element> placed = ids.apply(placing, elements);
        return job.withMedia(media).withSheet(sheet, s -> s.withInFront(placed)).withNextNumber(placing.next());
    }

    /** What was put there. */
    static List<ElementId> added(Job before, Job after, SheetId sheet) {
        Sheet s = after.sheet(sheet);
        int old = before.sheet(sheet).elements().size();
        return s.elements().subList(old, s.elements().size()).stream()
                .map(Element::id)
                .toList();
    }
}

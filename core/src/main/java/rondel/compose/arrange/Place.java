package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.Placing;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts elements on a sheet, in front of all others, with the pictures they use. An element keeps its id where the job
 *  has none like it. */
public record Place(
        SheetId sheet,
        List<Element> elements,
        @LeftOut("[]") List<Media> media) implements Operation {

    public Place {
        elements = List.copyOf(elements);
        media = List.copyOf(media);
    }

    @Override
    public Job apply(Job job) {
        if (GroupElement.depth(elements) > GroupElement.DEEPEST) {
            throw Refusal.of("group.tooDeep", GroupElement.DEEPEST);
        }
        if (elements.isEmpty()) {
            throw Refusal.of("operation.nothingNamed");
        }
        Placing placing = new Placing(job);
        List<Element> placed = placing.keepingFreeIds(elements);
        return job.withMedia(media)
                .withSheet(sheet, s -> {
                    List<Element> all = new ArrayList<>(s.elements());
                    all.addAll(placed);
                    return s.withElements(all);
                })
                .withNextNumber(placing.next());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        Sheet s = after.sheet(sheet);
        return s
                .elements()
                .subList(before.sheet(sheet).elements().size(), s.elements().size())
                .stream()
                .map(Element::id)
                .toList();
    }

    @Override
    public String label() {
        return Words.of("operation.place");
    }
}

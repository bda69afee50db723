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

/** Puts copies of elements on a sheet, in front of all others, with the pictures they use. Unlike what is placed, each gets an id of
 *  its own, and what follows others among them (a halo its artwork) follows their copies. */
public record Paste(
        SheetId sheet,
        List<Element> elements,
        @LeftOut("[]") List<Media> media) implements Operation {

    public Paste {
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
        List<Element> copies = placing.withFreshIds(elements).stream()
                .map(e -> e.with(t -> t.withLocked(false)))
                .toList();
        return job.withMedia(media)
                .withSheet(sheet, s -> {
                    List<Element> all = new ArrayList<>(s.elements());
                    all.addAll(copies);
                    return s.withElements(all);
                })
                .withNextNumber(placing.next());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        Sheet s = after.sheet(sheet);
        int old = before.sheet(sheet).elements().size();
        return s.elements().subList(old, s.elements().size()).stream()
                .map(Element::id)
                .toList();
    }

    @Override
    public String label() {
        return Words.of("operation.paste");
    }
}

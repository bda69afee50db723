package rondel.compose.arrange;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.SheetId;
import rondel.operation.Operation;
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
        return InFront.put(job, sheet, elements, media, (placing, originals) -> placing.withFreshIds(originals).stream()
                .map(e -> e.with(t -> t.withLocked(false)))
                .toList());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return InFront.added(before, after, sheet);
    }

    @Override
    public String label() {
        return Words.of("operation.paste");
    }
}

package rondel.compose.arrange;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.Placing;
import rondel.job.SheetId;
import rondel.operation.Operation;
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
        return InFront.put(job, sheet, elements, media, Placing::keepingFreeIds);
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return InFront.added(before, after, sheet);
    }

    @Override
    public String label() {
        return Words.of("operation.place");
    }
}

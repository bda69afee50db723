package rondel.compose.arrange;

import java.util.List;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.MediaUse;
import rondel.job.Sheet;
import rondel.operation.Targets;
import rondel.words.Refusal;

/** A part of a job that stands alone: elements of one sheet as they lie there, with the pictures they use. */
public record Excerpt(Sheet sheet, List<Element> elements, List<Media> media) {

    /** @param ids of elements on one sheet
     *  @throws Refusal if they are on several, or none is named */
    public static Excerpt of(Job job, List<ElementId> ids) {
        Set<ElementId> wanted = Targets.existing(job, ids);
        List<Located> located = job.everything()
                .map(Element::id)
                .filter(wanted::contains)
                .map(job::located)
                .toList();
        if (located.stream().map(l -> l.sheet().id()).distinct().count() > 1) {
            throw Refusal.of("shelf.severalSheets");
        }
        List<Element> elements = located.stream()
                .<Element>map(l -> l.element().with(t -> t.withPlacement(l.ownToSheet())))
                .toList();
        Set<MediaId> used = MediaUse.of(elements);
        List<Media> media =
                job.media().values().stream().filter(m -> used.contains(m.id())).toList();
        return new Excerpt(located.getFirst().sheet(), elements, media);
    }

    /** The excerpt as a job of its own, on a sheet as large as its own. */
    public Job asJob(Job from) {
        Job blank = Job.blank(
                from.title(), from.unit(), sheet.trim().width(), sheet.trim().height());
        return blank.withSheets(List.of(blank.sheets().getFirst().withElements(elements)))
                .withLinesScale(from.linesScale())
                .withMedia(media)
                .withNextNumber(from.nextNumber());
    }
}

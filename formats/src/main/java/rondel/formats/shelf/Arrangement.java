package rondel.formats.shelf;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Excerpt;
import rondel.formats.job.JobFile;
import rondel.formats.png.JobPreview;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Provenance;
import rondel.job.Sheet;
import rondel.paint.PictureSource;
import rondel.words.Refusal;

/** A part of a job as a thing for the shelf: a job of its own, on a transparent sheet of its own size, that keeps texts,
 *  windows and groups as they are. */
public record Arrangement(Job job, Optional<Provenance> provenance) {

    /** @param ids of elements on one sheet
     *  @throws Refusal if they are on several, or take no room */
    public static Arrangement of(Job job, List<ElementId> ids, String title) {
        Excerpt excerpt = Excerpt.of(job, ids);
        Box box = Box.around(excerpt.elements().stream()
                        .flatMap(e -> Extent.of(e, Affine.IDENTITY).stream())
                        .toList())
                .orElseThrow(() -> Refusal.of("operation.noExtent"));
        Affine toCorner = Affine.translate(-box.x(), -box.y());
        List<Element> elements = excerpt.elements().stream()
                .<Element>map(e -> e.with(t -> t.withPlacement(toCorner.times(t.placement()))))
                .toList();
        Job blank = Job.blank(title, job.unit(), box.width(), box.height());
        Sheet sheet = blank.sheets().getFirst().withPaper(Optional.empty()).withElements(elements);
        Job alone = blank.withSheets(List.of(sheet))
                .withLinesScale(job.linesScale())
                .withMedia(excerpt.media())
                .withNextNumber(job.nextNumber());
        return new Arrangement(alone, Provenance.ofAll(provenances(elements)));
    }

    private static List<Provenance> provenances(List<Element> elements) {
        return elements.stream()
                .flatMap(GroupElement::everything)
                .flatMap(e -> e.traits().provenance().stream())
                .toList();
    }

    /** Puts it on a shelf, in a set. What its parts come from is told of it too. */
    public Thing onto(Shelf shelf, String set, List<String> tags, PictureSource pictures) {
        Optional<byte[]> preview = JobPreview.png(job, pictures);
        String name = job.title().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        String file = (name.isEmpty() ? "arrangement" : name.toLowerCase(java.util.Locale.ROOT)) + ".rondel";
        Thing about = Thing.plain(set.isEmpty() ? file : set + "/" + file)
                .withTitle(job.title())
                .withTags(tags)
                .withProvenance(provenance);
        return shelf.add(file, out -> JobFile.write(job, preview, out), about);
    }
}

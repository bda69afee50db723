package rondel.formats.artwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.PictureBounds;
import rondel.job.PictureElement;
import rondel.job.Provenance;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.lines.check.Finding;
import rondel.paint.PaintedExtent;
import rondel.raster.SeenBox;
import rondel.units.LengthUnit;

/** What a reader made of one file: elements in mm on a page of the size that the file states.
 *
 * @param name the file's name without its ending
 * @param bounded whether the page's edge is part of the drawing: what lies beyond it is not to be seen
 * @param findings whatever could not be carried over */
public record Artwork(
        String name,
        double width,
        double height,
        boolean bounded,
        List<Element> elements,
        List<Media> media,
        List<Finding> findings) {

    public Artwork {
        elements = List.copyOf(elements);
        media = List.copyOf(media);
        findings = List.copyOf(findings);
    }

    /** Artwork as a drawing or a picture file has it, bounded by its page. */
    public Artwork(
            String name,
            double width,
            double height,
            List<Element> elements,
            List<Media> media,
            List<Finding> findings) {
        this(name, width, height, true, elements, media, findings);
    }

    public Artwork withFinding(Finding finding) {
        List<Finding> all = new ArrayList<>(findings);
        all.add(finding);
        return new Artwork(name, width, height, bounded, elements, media, all);
    }

    /** The same with its pictures measured as a job measures them. */
    public Artwork measured(PictureBounds by) {
        if (media.isEmpty() || by == PictureBounds.FRAME) {
            return this;
        }
        Map<MediaId, Media> known = media.stream().collect(Collectors.toMap(Media::id, m -> m, (a, b) -> a));
        return new Artwork(
                name,
                width,
                height,
                bounded,
                elements.stream().map(e -> measured(e, known)).toList(),
                media,
                findings);
    }

    private static Element measured(Element e, Map<MediaId, Media> media) {
        return switch (e) {
            case PictureElement p ->
                p.withSeen(Optional.ofNullable(media.get(p.media()))
                        .flatMap(m -> SeenBox.of(m, p.frame(), SeenBox.THRESHOLD)));
            case GroupElement g ->
                g.withChildren(
                        g.children().stream().map(c -> measured(c, media)).toList());
            default -> e;
        };
    }

    /** The artwork as one thing under a name; where none of its parts says where it comes from, the whole does. */
    public Artwork told(String title, Optional<Provenance> provenance) {
        Element whole = asElement().with(t -> t.withName(title));
        boolean says = Tree.any(whole, e -> e.traits().provenance().isPresent());
        Element told = says ? whole : whole.with(t -> t.withProvenance(provenance));
        return new Artwork(title, width, height, false, List.of(told), media, findings);
    }

    /** One element to put on a sheet: the file's only one, or a group of them all, named after the file. What the file
     *  keeps beyond its own page is clipped away, not dropped. */
    public Element asElement() {
        Box page = new Box(0, 0, width, height);
        boolean beyond = bounded
                && elements.stream()
                        .flatMap(e -> PaintedExtent.of(e, Affine.IDENTITY).stream())
                        .anyMatch(
                                b -> !page.grown(0.01 * Math.max(width, height)).contains(b));
        if (elements.size() == 1 && !beyond) {
            return elements.getFirst().with(t -> t.withName(name));
        }
        Optional<Clip> clip =
                beyond ? Optional.of(new Clip(Outline.rectangle(page), FillRule.NON_ZERO)) : Optional.empty();
        return new GroupElement(Traits.named(name), elements, clip, Optional.empty());
    }

    /** A job with the artwork alone on a transparent sheet of its own size. */
    public Job asJob() {
        SheetId id = new SheetId("sheet-1");
        Sheet sheet =
                Sheet.of(id, name, width, height).withPaper(Optional.empty()).withElements(elements);
        return Job.blank(name, LengthUnit.MM, width, height)
                .withSheet(id, s -> sheet)
                .withMedia(media);
    }
}

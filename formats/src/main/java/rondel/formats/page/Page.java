package rondel.formats.page;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Tree;
import rondel.operation.Targets;
import rondel.paint.PaintedExtent;
import rondel.words.Refusal;

/** What one exported file shows: a page of exact size in mm and what is made on it. Hidden things, guides and things
 *  parked off the sheet are not. */
public record Page(
        String title,
        double width,
        double height,
        Optional<Rgba> paper,
        List<Element> elements,
        Map<MediaId, Media> media) {

    public Page {
        elements = List.copyOf(elements);
    }

    /** The whole sheet. */
    public static Page ofSheet(Job job, SheetId id) {
        Sheet sheet = job.sheet(id);
        List<Element> made = sheet.elements().stream()
                .filter(Page::made)
                .filter(e -> PaintedExtent.of(e, Affine.IDENTITY)
                        .filter(b -> b.intersects(sheet.trim()))
                        .isPresent())
                .toList();
        return new Page(job.title(), sheet.width(), sheet.height(), sheet.paper(), made, job.media());
    }

    /** Some elements of one sheet alone, cropped to their ink, strokes included; no paper.
     *
     * @throws Refusal if one is not there, or nothing of them is visible */
    public static Page ofElements(Job job, SheetId sheetId, List<ElementId> only) {
        Targets.existing(job, only);
        Set<ElementId> wanted = Tree.outermost(job, only);
        Sheet sheet = job.sheet(sheetId);
        List<Element> onSheet = sheet.elements().stream()
                .flatMap(rondel.job.GroupElement::everything)
                .filter(e -> wanted.contains(e.id()))
                .map(e -> placed(sheet.find(e.id()).orElseThrow()))
                .toList();
        if (onSheet.size() < wanted.size()) {
            throw Refusal.of("export.otherSheet", sheet.name());
        }
        Box crop = Box.around(onSheet.stream()
                        .flatMap(e -> InkExtent.of(e, Affine.IDENTITY).stream())
                        .toList())
                .filter(b -> b.width() > 0 && b.height() > 0)
                .orElseThrow(() -> Refusal.of("export.nothingVisible"));
        Affine move = Affine.translate(-crop.x(), -crop.y());
        List<Element> elements =
                onSheet.stream().map(e -> e.with(t -> t.placedBy(move))).toList();
        String title = onSheet.size() == 1 ? Targets.display(onSheet.getFirst()) : job.title();
        return new Page(title, exact(crop.width()), exact(crop.height()), Optional.empty(), elements, job.media());
    }

    /** Rounded to a millionth of a micron, so that a typed 76.2 mm is written as 76.2. */
    private static double exact(double mm) {
        return Math.rint(mm * 1e9) / 1e9;
    }

    public Page withoutPaper() {
        return new Page(title, width, height, Optional.empty(), elements, media);
    }

    /** Whether an element is made at all. */
    public static boolean made(Element e) {
        return !e.hidden() && e.role() != Role.GUIDE;
    }

    private static Element placed(Located at) {
        return at.element().with(t -> t.placedBy(at.toSheet()).withHidden(false));
    }
}

package rondel.formats.page;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
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
 *  parked off the sheet are not.
 *
 * @param trim where the sheet lies on the page, where the page is larger */
public record Page(
        String title,
        double width,
        double height,
        Optional<Rgba> paper,
        List<Element> elements,
        Map<MediaId, Media> media,
        Optional<Box> trim) {

    public Page {
        elements = List.copyOf(elements);
    }

    /** A page that is all sheet. */
    public Page(
            String title,
            double width,
            double height,
            Optional<Rgba> paper,
            List<Element> elements,
            Map<MediaId, Media> media) {
        this(title, width, height, paper, elements, media, Optional.empty());
    }

    /** The whole sheet. */
    public static Page ofSheet(Job job, SheetId id) {
        return ofSheet(job, id, UnaryOperator.identity());
    }

    /** The whole sheet's frame with what {@code kept} keeps of its elements. */
    public static Page ofSheet(Job job, SheetId id, UnaryOperator<List<Element>> kept) {
        Sheet sheet = job.sheet(id);
        List<Element> made = kept.apply(made(sheet, sheet.trim()));
        return new Page(job.title(), sheet.width(), sheet.height(), sheet.paper(), made, job.media());
    }

    /** The whole sheet with its bleed, which its paper fills too. */
    public static Page withBleed(Job job, SheetId id, UnaryOperator<List<Element>> kept) {
        Sheet sheet = job.sheet(id);
        double b = sheet.bleed();
        List<Element> made = moved(kept.apply(made(sheet, sheet.trim().grown(b))), b, b);
        return new Page(
                job.title(),
                exact(sheet.width() + 2 * b),
                exact(sheet.height() + 2 * b),
                sheet.paper(),
                made,
                job.media(),
                Optional.of(new Box(b, b, sheet.width(), sheet.height())));
    }

    /** What is seen on a sheet, cropped to its ink, strokes included; no paper.
     *
     * @throws Refusal if nothing is */
    public static Page cropped(Job job, SheetId id, UnaryOperator<List<Element>> kept) {
        Sheet sheet = job.sheet(id);
        return cropped(job, job.title(), kept.apply(made(sheet, sheet.trim())));
    }

    private static List<Element> made(Sheet sheet, Box within) {
        return sheet.elements().stream()
                .filter(Page::made)
                .filter(e -> PaintedExtent.of(e, Affine.IDENTITY)
                        .filter(b -> b.intersects(within))
                        .isPresent())
                .toList();
    }

    /** Some elements of one sheet alone, cropped to their ink, strokes included; no paper.
     *
     * @throws Refusal if one is not there, or nothing of them is visible */
    public static Page ofElements(Job job, SheetId sheetId, List<ElementId> only) {
        return ofElements(job, sheetId, only, UnaryOperator.identity());
    }

    /** As {@link #ofElements(Job, SheetId, List)}, with what {@code kept} keeps of them. */
    public static Page ofElements(Job job, SheetId sheetId, List<ElementId> only, UnaryOperator<List<Element>> kept) {
        List<Element> onSheet = chosen(job, sheetId, only);
        String title = onSheet.size() == 1 ? Targets.display(onSheet.getFirst()) : job.title();
        return cropped(job, title, kept.apply(onSheet));
    }

    /** Some elements of a sheet as they lie on it, whatever groups they are in.
     *
     * @throws Refusal if one is not on it */
    public static List<Element> chosen(Job job, SheetId sheetId, List<ElementId> only) {
        Targets.existing(job, only);
        Set<ElementId> wanted = Tree.outermost(job, only);
        Sheet sheet = job.sheet(sheetId);
        List<Element> onSheet = sheet.elements().stream()
                .flatMap(GroupElement::everything)
                .filter(e -> wanted.contains(e.id()))
                .map(e -> placed(sheet.find(e.id()).orElseThrow()))
                .toList();
        if (onSheet.size() < wanted.size()) {
            throw Refusal.of("export.otherSheet", sheet.name());
        }
        return onSheet;
    }

    /** Elements of a sheet in a frame on it, with what of them reaches beyond; no paper.
     *
     * @param elements as they lie on the sheet */
    public static Page around(Job job, String title, Box frame, List<Element> elements) {
        Box all = Box.around(elements.stream()
                        .flatMap(e -> e instanceof GroupElement g && g.clip().isPresent()
                                ? java.util.stream.Stream.of(frame)
                                : InkExtent.of(e, Affine.IDENTITY).stream())
                        .toList())
                .map(b -> b.union(frame))
                .orElse(frame);
        return new Page(
                title,
                exact(all.width()),
                exact(all.height()),
                Optional.empty(),
                moved(elements, -all.x(), -all.y()),
                job.media());
    }

    private static Page cropped(Job job, String title, List<Element> onSheet) {
        Box crop = Box.around(onSheet.stream()
                        .flatMap(e -> InkExtent.of(e, Affine.IDENTITY).stream())
                        .toList())
                .filter(b -> b.width() > 0 && b.height() > 0)
                .orElseThrow(() -> Refusal.of("export.nothingVisible"));
        List<Element> elements = moved(onSheet, -crop.x(), -crop.y());
        return new Page(title, exact(crop.width()), exact(crop.height()), Optional.empty(), elements, job.media());
    }

    private static List<Element> moved(List<Element> elements, double dx, double dy) {
        Affine move = Affine.translate(dx, dy);
        return elements.stream().map(e -> e.with(t -> t.placedBy(move))).toList();
    }

    /** The same on a page of another size: what does not fit is cut off, what is left over is paper.
     *
     * @param dx how far everything moves */
    public Page framed(double newWidth, double newHeight, double dx, double dy) {
        return new Page(
                title,
                newWidth,
                newHeight,
                paper,
                moved(elements, dx, dy),
                media,
                trim.or(() -> Optional.of(new Box(0, 0, width, height))).map(b -> b.moved(dx, dy)));
    }

    /** Rounded to a millionth of a micron, so that a typed 76.2 mm is written as 76.2. */
    private static double exact(double mm) {
        return Math.rint(mm * 1e9) / 1e9;
    }

    /** The same page with other elements. */
    public Page with(List<Element> other) {
        return new Page(title, width, height, paper, other, media, trim);
    }

    public Page withoutPaper() {
        return new Page(title, width, height, Optional.empty(), elements, media, trim);
    }

    public Page titled(String other) {
        return new Page(other, width, height, paper, elements, media, trim);
    }

    /** Whether an element is made at all. */
    public static boolean made(Element e) {
        return !e.hidden() && e.role() != Role.GUIDE;
    }

    private static Element placed(Located at) {
        return at.element().with(t -> t.placedBy(at.toSheet()).withHidden(false));
    }
}

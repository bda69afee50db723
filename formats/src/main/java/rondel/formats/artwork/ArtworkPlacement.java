package rondel.formats.artwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import rondel.compose.arrange.Place;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Sheet;
import rondel.lines.check.EffectivePpi;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.words.Refusal;

/** Where and how large artwork arrives on a sheet: at the size its file states, or as large as the sheet allows, with a
 *  note; never beyond the bleed unless somebody says where. What is drawn on a page of the sheet's size, or of its size with
 *  bleed, stays where it is drawn.
 *
 * @param width of its visible box in mm, where one is wanted; the height follows unless it is given too
 * @param topLeft of its visible box; where none is given, the middle of the sheet */
public record ArtworkPlacement(OptionalDouble width, OptionalDouble height, Optional<Point> topLeft) {

    /** Pages and sheets that differ by less are of one size, in mm. */
    private static final double SAME = 0.05;

    /** Between files that are placed beside each other, in mm: a quarter of an inch. */
    public static final double USUAL_GAP = 6.35;

    public static final ArtworkPlacement CENTRED =
            new ArtworkPlacement(OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());

    /** The operation that places it, and what there is to say about it. */
    public record Placed(Place operation, List<Finding> findings) {}

    /** With its visible box's centre at {@code centre}. */
    public static Placed centredAt(Artwork artwork, Sheet sheet, Point centre) {
        Placed placed = CENTRED.onto(sheet, artwork, false);
        Affine move = Affine.translate(centre.x() - sheet.width() / 2, centre.y() - sheet.height() / 2);
        return new Placed(
                new Place(
                        sheet.id(),
                        placed.operation.elements().stream()
                                .map(e -> e.with(t -> t.placedBy(move)))
                                .toList(),
                        artwork.media()),
                placed.findings);
    }

    public Placed onto(Sheet sheet, Artwork artwork) {
        boolean asDrawn = topLeft.isEmpty() && width.isEmpty() && height.isEmpty() && isMadeFor(sheet, artwork);
        return onto(sheet, artwork, asDrawn);
    }

    private Placed onto(Sheet sheet, Artwork artwork, boolean asDrawn) {
        Element element = artwork.asElement();
        Box box = Extent.of(element, Affine.IDENTITY).orElseThrow(() -> Refusal.of("artwork.empty", artwork.name()));
        List<Finding> findings = new ArrayList<>(artwork.findings());
        Affine size = asDrawn ? Affine.IDENTITY : size(box, sheet, artwork.name(), findings);
        Box sized = box.transformed(size);
        Point middle = new Point((sheet.width() - sized.width()) / 2, (sheet.height() - sized.height()) / 2);
        double bleed = isMadeFor(sheet, artwork, sheet.bleed()) ? sheet.bleed() : 0;
        Point corner = asDrawn ? new Point(box.x() - bleed, box.y() - bleed) : topLeft.orElse(middle);
        return placed(sheet, artwork, element, box, size, corner, findings);
    }

    private static Placed placed(
            Sheet sheet, Artwork artwork, Element element, Box box, Affine size, Point corner, List<Finding> findings) {
        Box sized = box.transformed(size);
        Affine place =
                Affine.translate(corner.x() - sized.x(), corner.y() - sized.y()).times(size);
        Element placed = element.with(t -> t.placedBy(place));
        Map<MediaId, Media> media = artwork.media().stream().collect(Collectors.toMap(Media::id, m -> m, (a, b) -> a));
        EffectivePpi.of(placed, Affine.IDENTITY, media).ifPresent(ppi -> {
            if (ppi < EffectivePpi.LEAST_FOR_PRINT) {
                findings.add(Finding.of(Severity.WARNING, "artwork.fewPpi", artwork.name(), Math.round(ppi)));
            }
        });
        return new Placed(new Place(sheet.id(), List.of(placed), artwork.media()), findings);
    }

    /** Several files beside each other, line by line in the order they are listed, each line as high as its highest. At the sizes they
     *  state, or as wanted; all by one factor smaller where the sheet is too small for them, with a note.
     *
     * @param gap between them, in mm */
    public List<Placed> beside(Sheet sheet, List<Artwork> artworks, double gap) {
        List<Box> boxes = new ArrayList<>();
        List<Affine> sizes = new ArrayList<>();
        for (Artwork a : artworks) {
            Box box =
                    Extent.of(a.asElement(), Affine.IDENTITY).orElseThrow(() -> Refusal.of("artwork.empty", a.name()));
            boxes.add(box);
            sizes.add(wanted(box));
        }
        List<Box> sized = new ArrayList<>();
        for (int i = 0; i < boxes.size(); i++) {
            sized.add(boxes.get(i).transformed(sizes.get(i)));
        }
        Lines lines = new Lines(sheet, topLeft.orElse(Lines.corner(sheet)), gap);
        boolean free = width.isEmpty() && height.isEmpty();
        double factor = free ? lines.largestFactor(sized) : 1;
        List<Point> corners = lines.corners(sized, factor);
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < artworks.size(); i++) {
            Artwork a = artworks.get(i);
            Affine size = Affine.scale(factor, factor).times(sizes.get(i));
            List<Finding> findings = new ArrayList<>(a.findings());
            if (factor < 1) {
                findings.add(Finding.of(Severity.NOTE, "artwork.scaled", a.name(), Math.round(factor * 1000) / 10.0));
            }
            placed.add(placed(sheet, a, a.asElement(), boxes.get(i), size, corners.get(i), findings));
        }
        return placed;
    }

    private Affine wanted(Box box) {
        if (width.isEmpty() && height.isEmpty()) {
            return Affine.IDENTITY;
        }
        double across = width.isPresent() ? factor(width.getAsDouble(), box.width()) : Double.NaN;
        double down = height.isPresent() ? factor(height.getAsDouble(), box.height()) : across;
        return Affine.scale(Double.isNaN(across) ? down : across, down);
    }

    /** Whether it is drawn on a page of the sheet's size, or of its size with bleed. */
    private static boolean isMadeFor(Sheet sheet, Artwork artwork) {
        return isMadeFor(sheet, artwork, 0) || isMadeFor(sheet, artwork, sheet.bleed());
    }

    private static boolean isMadeFor(Sheet sheet, Artwork artwork, double bleed) {
        return Math.abs(sheet.width() + 2 * bleed - artwork.width()) < SAME
                && Math.abs(sheet.height() + 2 * bleed - artwork.height()) < SAME;
    }

    private Affine size(Box box, Sheet sheet, String name, List<Finding> findings) {
        if (width.isPresent() || height.isPresent()) {
            return wanted(box);
        }
        boolean withinBleed = sheet.bleed() > 0
                && box.width() <= sheet.width() + 2 * sheet.bleed() + SAME
                && box.height() <= sheet.height() + 2 * sheet.bleed() + SAME;
        if (withinBleed) {
            return Affine.IDENTITY;
        }
        double fit = Math.min(sheet.width() / box.width(), sheet.height() / box.height());
        if (fit >= 1 - 1e-9 || topLeft.isPresent() && fit >= 1) {
            return Affine.IDENTITY;
        }
        findings.add(Finding.of(Severity.NOTE, "artwork.scaled", name, Math.round(fit * 1000) / 10.0));
        return Affine.scale(fit, fit);
    }

    private static double factor(double wanted, double now) {
        if (!(wanted > 0) || !Double.isFinite(wanted) || !(now > 0)) {
            throw Refusal.of("resize.notPositive");
        }
        return wanted / now;
    }
}

package rondel.job;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;

/** One surface of fixed size. Lengths in mm; the origin is the top left corner of the trim.
 *
 * @param paper its colour, or nothing for a transparent one
 * @param bleed how far print runs past the trim
 * @param safeMargin how far from the trim things should stay
 * @param elements back to front */
public record Sheet(
        SheetId id,
        String name,
        double width,
        double height,
        Optional<Rgba> paper,
        double bleed,
        double safeMargin,
        List<Guide> guides,
        List<Element> elements,
        Extras extras) {

    /** The longest side a sheet may have, in mm: five metres. */
    public static final double LONGEST = 5000;

    public Sheet {
        guides = List.copyOf(guides);
        elements = List.copyOf(elements);
    }

    public static Sheet of(SheetId id, String name, double width, double height) {
        return new Sheet(id, name, width, height, Optional.of(Rgba.WHITE), 0, 0, List.of(), List.of(), Extras.NONE);
    }

    /** Whether one of its elements lies wholly off it: such a one is kept, but never made. */
    public boolean parks(Element e) {
        return Extent.of(e, Affine.IDENTITY).filter(b -> !b.intersects(trim())).isPresent();
    }

    public Box trim() {
        return new Box(0, 0, width, height);
    }

    public Sheet withElements(List<Element> other) {
        return new Sheet(id, name, width, height, paper, bleed, safeMargin, guides, other, extras);
    }

    public Sheet withSize(double w, double h) {
        return new Sheet(id, name, w, h, paper, bleed, safeMargin, guides, elements, extras);
    }

    public Sheet withMargins(double newBleed, double newSafeMargin) {
        return new Sheet(id, name, width, height, paper, newBleed, newSafeMargin, guides, elements, extras);
    }

    public Sheet withPaper(Optional<Rgba> other) {
        return new Sheet(id, name, width, height, other, bleed, safeMargin, guides, elements, extras);
    }

    public Sheet withGuides(List<Guide> other) {
        return new Sheet(id, name, width, height, paper, bleed, safeMargin, other, elements, extras);
    }

    public Sheet withName(String other) {
        return new Sheet(id, other, width, height, paper, bleed, safeMargin, guides, elements, extras);
    }
}

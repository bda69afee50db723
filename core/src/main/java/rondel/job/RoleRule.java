package rondel.job;

import java.util.Optional;
import java.util.OptionalDouble;
import rondel.geometry.Affine;

/** How things of a look are made.
 *
 * @param colour of the line, or of the fill of what has no line; any where none is given
 * @param dashed whether the line is dashed or whole; either where it is not given
 * @param width of the line on the sheet, in mm; any where none is given
 * @param role what they get */
public record RoleRule(Optional<Rgba> colour, Optional<Boolean> dashed, OptionalDouble width, Role role) {

    /** Widths that differ by no more, in mm, look the same. */
    public static final double SAME_WIDTH = 0.01;

    /** Whether an element looks so.
     *
     * @param ownToSheet from its own space to the sheet's */
    public boolean fits(Element e, Affine ownToSheet) {
        return switch (e) {
            case ShapeElement s -> fits(s.fill(), s.stroke().filter(Stroke::visible), ownToSheet);
            case TextElement t -> fits(t.fill(), t.stroke().filter(Stroke::visible), ownToSheet);
            default -> false;
        };
    }

    private boolean fits(Paint fill, Optional<Stroke> stroke, Affine ownToSheet) {
        Paint paint = stroke.map(Stroke::paint).orElse(fill);
        boolean hue = colour.isEmpty()
                || paint instanceof Paint.Solid p
                        && p.colour().withAlpha(255).equals(colour.get().withAlpha(255));
        return hue && hasDashes(stroke) && hasWidth(stroke, ownToSheet);
    }

    private boolean hasDashes(Optional<Stroke> stroke) {
        return dashed.isEmpty()
                || stroke.filter(s -> s.dashes().isEmpty() != dashed.get()).isPresent();
    }

    private boolean hasWidth(Optional<Stroke> stroke, Affine ownToSheet) {
        return width.isEmpty()
                || stroke.filter(s -> Math.abs(s.width() * ownToSheet.meanScale() - width.getAsDouble()) <= SAME_WIDTH)
                        .isPresent();
    }
}

package rondel.job;

import java.util.Optional;

/** How things of a look are made.
 *
 * @param colour of the line, or of the fill of what has no line; any where none is given
 * @param dashed whether the line is dashed or whole; either where it is not given
 * @param role what they get */
public record RoleRule(Optional<Rgba> colour, Optional<Boolean> dashed, Role role) {

    /** Whether an element looks so. */
    public boolean fits(Element e) {
        return switch (e) {
            case ShapeElement s -> fits(s.fill(), s.stroke().filter(Stroke::visible));
            case TextElement t -> fits(t.fill(), t.stroke().filter(Stroke::visible));
            default -> false;
        };
    }

    private boolean fits(Paint fill, Optional<Stroke> stroke) {
        Paint paint = stroke.map(Stroke::paint).orElse(fill);
        boolean dashes = stroke.filter(s -> !s.dashes().isEmpty()).isPresent();
        boolean hue = colour.isEmpty()
                || paint instanceof Paint.Solid p
                        && p.colour().withAlpha(255).equals(colour.get().withAlpha(255));
        return hue && (dashed.isEmpty() || stroke.isPresent() && dashed.get() == dashes);
    }
}

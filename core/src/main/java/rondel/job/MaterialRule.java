package rondel.job;

import java.util.Optional;
import rondel.words.Refusal;

/** Which lines are made of which material.
 *
 * @param role of the lines; any where none is given
 * @param colour of the line, or of the fill of what has no line; any where none is given
 * @param group that the lines belong to, or an element that they are; any where none is given
 * @param material by its name */
public record MaterialRule(Optional<Role> role, Optional<Rgba> colour, Optional<ElementId> group, String material) {

    /** @throws Refusal if it names no material */
    public MaterialRule {
        material = material.strip();
        if (material.isEmpty()) {
            throw Refusal.of("material.noName");
        }
    }

    public static MaterialRule ofColour(Rgba colour, String material) {
        return new MaterialRule(Optional.empty(), Optional.of(colour), Optional.empty(), material);
    }
}

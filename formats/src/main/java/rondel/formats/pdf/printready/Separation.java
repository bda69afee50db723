package rondel.formats.pdf.printready;

import java.util.Optional;
import rondel.job.Rgba;
import rondel.job.Role;

/** An ink of its own for the lines of a role.
 *
 * @param name of the ink
 * @param layer of its lines
 * @param shown the colour that stands for it where there is no such ink */
public record Separation(Role role, String name, String layer, Rgba shown) {

    /** What is done along the lines, by the types of the group Structural (ISO 19593-1, table 1); nothing where that has no word for it. */
    Optional<String> processingStep() {
        return switch (role) {
            case CUT -> Optional.of("Cutting");
            case KISS_CUT -> Optional.of("PartialCutting");
            case SCORE -> Optional.of("Creasing");
            default -> Optional.empty();
        };
    }

    /** Cyan, magenta, yellow and black from 0 to 1, by the plain rule. */
    float[] cmyk() {
        float r = shown.red() / 255f;
        float g = shown.green() / 255f;
        float b = shown.blue() / 255f;
        float k = 1 - Math.max(r, Math.max(g, b));
        return k >= 1
                ? new float[] {0, 0, 0, 1}
                : new float[] {(1 - r - k) / (1 - k), (1 - g - k) / (1 - k), (1 - b - k) / (1 - k), k};
    }
}

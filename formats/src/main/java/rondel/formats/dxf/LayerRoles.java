package rondel.formats.dxf;

import java.util.List;
import java.util.Locale;
import rondel.job.Role;
import rondel.words.Words;

/** How things are made by the name of their layer: by our own names, or by words that the trades use. */
final class LayerRoles {

    /** The first that fits holds: a kiss cut is a cut too. */
    private record Part(Role role, String names) {}

    private static final List<Part> PARTS = List.of(
            new Part(Role.KISS_CUT, ".*(KISS|HALF.?CUT|PARTIAL).*"),
            new Part(Role.SCORE, ".*(SCORE|CREASE|FOLD|PERF|RILL|FALZ).*"),
            new Part(Role.CUT, ".*(CUT|DIE|THROUGH|KNIFE|CONTOUR|STANZ|SCHNITT).*"),
            new Part(Role.STITCH, ".*(STITCH|SEW|STICK(?!ER)).*"),
            new Part(Role.DRAW, ".*(DRAW|PEN|ENGRAVE|ETCH).*"),
            new Part(Role.GUIDE, ".*(GUIDE|CONSTRUCTION|DEFPOINTS|HELP|NOTES).*"));

    private LayerRoles() {}

    /** Print where the name says nothing. */
    static Role of(String layer) {
        String name = layer.strip().toUpperCase(Locale.ROOT);
        for (Role role : Role.values()) {
            if (name.equals(DxfLayers.plain(Words.of("role." + role)))) {
                return role;
            }
        }
        return PARTS.stream()
                .filter(p -> name.matches(p.names))
                .map(Part::role)
                .findFirst()
                .orElse(Role.PRINT);
    }
}

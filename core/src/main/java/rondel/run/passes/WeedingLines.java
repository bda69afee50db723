package rondel.run.passes;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.PassSettings;

/** Boxes that are cut around what is made, so that the rest of a film comes off in parts that a hand can hold. Boxes of groups that would
 *  meet are one. */
final class WeedingLines {

    /** How far a box stands off what it is around, in mm: room for a hook, and little film lost. */
    static final double DISTANCE = 3;

    private WeedingLines() {}

    static List<Contour> of(PassSettings.Weeding weeding, List<SheetLine> lines) {
        return switch (weeding) {
            case NONE -> List.of();
            case BOX -> around(lines).map(WeedingLines::box).map(List::of).orElse(List.of());
            case GROUPS -> groups(lines).stream().map(WeedingLines::box).toList();
        };
    }

    private static List<Box> groups(List<SheetLine> lines) {
        Map<ElementId, List<SheetLine>> by = new LinkedHashMap<>();
        lines.forEach(l ->
                by.computeIfAbsent(l.path().getFirst(), k -> new ArrayList<>()).add(l));
        List<Box> boxes = new ArrayList<>();
        by.values().forEach(group -> around(group).ifPresent(b -> boxes.add(b.grown(DISTANCE))));
        return united(boxes).stream().map(b -> b.grown(-DISTANCE)).toList();
    }

    /** Boxes that meet become one around both, until none do. */
    private static List<Box> united(List<Box> boxes) {
        List<Box> all = new ArrayList<>();
        for (Box box : boxes) {
            Box grown = box;
            for (int i = 0; i < all.size(); i++) {
                if (all.get(i).intersects(grown)) {
                    grown = grown.union(all.remove(i));
                    i = -1;
                }
            }
            all.add(grown);
        }
        return all;
    }

    private static Optional<Box> around(List<SheetLine> lines) {
        return Box.around(lines.stream()
                .flatMap(l -> l.contour().segments().stream())
                .map(b -> b.hull())
                .toList());
    }

    private static Contour box(Box around) {
        return Contour.of(Outline.rectangle(around.grown(DISTANCE))).getFirst();
    }
}

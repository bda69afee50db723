package rondel.desktop.sheet;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Role;
import rondel.lines.roles.MadeLines;

/** The lines of one role, measured once for however they are looked at.
 *
 * @param longest the longest stretches, the longest first: where a word has room
 * @param highest the node nearest to the top of the sheet */
record RoleLines(List<Measured> contours, List<Bezier> longest, Optional<Point> highest) {

    private static final int MOST_PLACES = 60;

    /** A contour with its length, in mm: about that of the curves. */
    private record Measured(Contour contour, double length) {}

    static Map<Role, RoleLines> of(MadeLines made) {
        Map<Role, RoleLines> all = new EnumMap<>(Role.class);
        made.outlines().forEach((role, outline) -> all.put(role, of(outline)));
        return all;
    }

    private static RoleLines of(Outline outline) {
        List<Contour> contours = Contour.of(outline);
        List<Bezier> segments =
                contours.stream().flatMap(c -> c.segments().stream()).toList();
        return new RoleLines(
                contours.stream().map(c -> new Measured(c, length(c))).toList(),
                segments.stream()
                        .sorted(Comparator.comparingDouble(
                                (Bezier b) -> -b.start().distanceTo(b.end())))
                        .limit(MOST_PLACES)
                        .toList(),
                segments.stream().map(Bezier::start).min(Comparator.comparingDouble(Point::y)));
    }

    private static double length(Contour c) {
        return c.segments().stream().mapToDouble(Bezier::controlLength).sum();
    }

    /** The contours that are shorter than a length, in mm. */
    Outline shorterThan(double mm) {
        return Contour.outline(contours.stream()
                .filter(m -> m.length < mm)
                .map(Measured::contour)
                .toList());
    }

    /** The others. */
    Outline atLeast(double mm) {
        return Contour.outline(contours.stream()
                .filter(m -> !(m.length < mm))
                .map(Measured::contour)
                .toList());
    }
}

package rondel.lines.roles;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.TextElement;

/** What of a sheet is made by each role but print: the outlines as they lie on the sheet. Hidden things and what is parked
 *  are not made; their lines are told apart. */
public final class MadeLines {

    private static final double TOLERANCE = 0.01;

    /** Nothing at all. */
    public static final MadeLines NONE = new MadeLines(Map.of(), Outline.EMPTY);

    private final Map<Role, Outline> outlines;
    private final Outline aside;

    /** How much there is of one role.
     *
     * @param lines how many contours
     * @param length of all of them, in mm */
    public record Tally(int lines, double length) {}

    private MadeLines(Map<Role, Outline> outlines, Outline aside) {
        this.outlines = outlines;
        this.aside = aside;
    }

    public static MadeLines of(Sheet sheet) {
        Collected lines = new Collected();
        for (Element e : sheet.elements()) {
            lines.take(e, Affine.IDENTITY, sheet.parks(e));
        }
        Map<Role, Outline> outlines = new EnumMap<>(Role.class);
        lines.made.forEach((role, all) -> outlines.put(role, Outline.joined(all)));
        return new MadeLines(outlines, Outline.joined(lines.aside));
    }

    /** Outlines as they are come across. */
    private static final class Collected {
        private final Map<Role, List<Outline>> made = new EnumMap<>(Role.class);
        private final List<Outline> aside = new ArrayList<>();

        private void take(Element e, Affine toSheet, boolean notMade) {
            boolean apart = notMade || e.hidden();
            Affine own = toSheet.times(e.placement());
            if (e.role() != Role.PRINT) {
                switch (e) {
                    case ShapeElement s -> add(e.role(), s.outline().transformed(own), apart);
                    case TextElement t -> add(e.role(), t.outline().transformed(own), apart);
                    default -> {}
                }
            }
            e.children().forEach(c -> take(c, own, apart));
        }

        private void add(Role role, Outline outline, boolean apart) {
            if (apart) {
                aside.add(outline);
            } else {
                made.computeIfAbsent(role, r -> new ArrayList<>()).add(outline);
            }
        }
    }

    /** What has a role but is hidden or parked. */
    public Outline aside() {
        return aside;
    }

    /** How much of that there is. */
    public Tally asideTally() {
        return tally(aside);
    }

    /** For each role that something has, its outlines. */
    public Map<Role, Outline> outlines() {
        return outlines;
    }

    /** For each role that something has, how many lines there are and how long they are together. */
    public Map<Role, Tally> tallies() {
        Map<Role, Tally> tallies = new EnumMap<>(Role.class);
        outlines.forEach((role, outline) -> tallies.put(role, tally(outline)));
        return tallies;
    }

    private static Tally tally(Outline outline) {
        int lines = 0;
        double length = 0;
        for (Contour c : Contour.of(outline)) {
            lines++;
            for (Bezier b : c.segments()) {
                length += length(b);
            }
        }
        return new Tally(lines, length);
    }

    private static double length(Bezier b) {
        int steps = b.steps(TOLERANCE);
        double length = 0;
        Point before = b.start();
        for (int i = 1; i <= steps; i++) {
            Point now = b.at((double) i / steps);
            length += before.distanceTo(now);
            before = now;
        }
        return length;
    }
}

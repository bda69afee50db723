package rondel.lines.join;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.Link;
import rondel.job.ShapeElement;

/**
 * Joins the open lines of several elements where their ends meet. A chain belongs to the backmost of the elements it came from,
 * and takes its colours; the others lose what they gave. Closed contours, and lines that meet nothing, stay to the last digit.
 *
 * @param tolerance how near ends are that meet, in mm
 * @param near how far apart the two ends of a chain may be that is closed by a straight line, in mm; 0 for none
 * @param forks whether lines are joined where more than two ends meet, each to the one it goes on to straightest
 * @param onlyClosed whether only chains that close are joined
 */
public record EndJoining(double tolerance, double near, boolean forks, boolean onlyClosed) {

    /** What clearly belongs together: ends that meet in twos, and close. */
    public static final EndJoining CLEAR = new EndJoining(JoinTuning.TOLERANCE, 0, false, true);

    /** As {@link #CLEAR}, and what is nearly closed. */
    public static final EndJoining MENDING = new EndJoining(JoinTuning.TOLERANCE, JoinTuning.NEAR, false, true);

    /** An element and how it lies. */
    public record Laid(Element element, Affine toSheet) {}

    private record Open(int element, int contour, Contour onSheet) {}

    /** A chain that is joined, with the numbers of the elements that it comes from, back to front. */
    public record Joined(List<Integer> elements, Contour onSheet) {}

    /** The chains that would be joined; none for lines that stay as they are.
     *
     * @param laid back to front
     * @param alike what must be equal of two elements whose lines may be joined */
    public List<Joined> chains(List<Laid> laid, Function<Element, Object> alike) {
        List<Joined> joined = new ArrayList<>();
        plans(laid, alike)
                .forEach(p -> joined.add(new Joined(
                        p.open.stream().map(Open::element).distinct().sorted().toList(), p.contour)));
        return joined;
    }

    /** What becomes of elements, by their numbers: another shape, or nothing. Those that stay as they are, are left out. */
    public Map<Integer, Optional<Element>> joined(List<Laid> laid, Function<Element, Object> alike) {
        Map<Integer, List<Open>> given = new TreeMap<>();
        Map<Integer, List<Contour>> made = new TreeMap<>();
        for (Plan plan : plans(laid, alike)) {
            plan.open.forEach(o ->
                    given.computeIfAbsent(o.element, k -> new ArrayList<>()).add(o));
            int host = plan.open.stream().mapToInt(Open::element).min().orElseThrow();
            made.computeIfAbsent(host, k -> new ArrayList<>()).add(plan.contour);
        }
        Map<Integer, Optional<Element>> result = new TreeMap<>();
        given.forEach((number, open) -> {
            Laid at = laid.get(number);
            ShapeElement s = (ShapeElement) at.element;
            List<Contour> contours = Contour.of(s.outline());
            List<Contour> left = new ArrayList<>();
            for (int i = 0; i < contours.size(); i++) {
                int own = i;
                if (open.stream().noneMatch(o -> o.contour == own)) {
                    left.add(contours.get(i));
                }
            }
            Affine back = at.toSheet.inverse().orElseThrow();
            Outline outline = Contour.outline(left)
                    .plus(Contour.outline(made.getOrDefault(number, List.of())).transformed(back));
            result.put(number, outline.isEmpty() ? Optional.empty() : Optional.of(s.withOutline(outline)));
        });
        return result;
    }

    private record Plan(List<Open> open, Contour contour) {}

    private List<Plan> plans(List<Laid> laid, Function<Element, Object> alike) {
        Map<Object, List<Open>> kinds = new LinkedHashMap<>();
        for (int i = 0; i < laid.size(); i++) {
            Element e = laid.get(i).element;
            if (isJoinable(laid.get(i))) {
                List<Contour> contours = Contour.of(((ShapeElement) e).outline().transformed(laid.get(i).toSheet));
                for (int k = 0; k < contours.size(); k++) {
                    if (!contours.get(k).closed() && ChainContour.gap(contours.get(k)) > 0) {
                        kinds.computeIfAbsent(alike.apply(e), x -> new ArrayList<>())
                                .add(new Open(i, k, contours.get(k)));
                    }
                }
            }
        }
        List<Plan> plans = new ArrayList<>();
        kinds.values().forEach(open -> plans.addAll(plans(open)));
        return plans;
    }

    private List<Plan> plans(List<Open> open) {
        List<Contour> lines = open.stream().map(Open::onSheet).toList();
        List<Plan> plans = new ArrayList<>();
        for (EndMatching.Chain chain : new EndMatching(lines, tolerance).chains()) {
            if (chain.forked() && !forks) {
                continue;
            }
            Contour contour = ChainContour.of(lines, chain);
            boolean nearly = !contour.closed() && near > 0 && ChainContour.isNearlyClosed(contour, near);
            Contour done = nearly ? contour.filled() : contour;
            boolean changes = chain.links().size() > 1 || done.closed();
            if (changes && (done.closed() || !onlyClosed)) {
                plans.add(new Plan(
                        chain.links().stream().map(l -> open.get(l.line())).toList(), done));
            }
        }
        return plans;
    }

    private static boolean isJoinable(Laid laid) {
        boolean follows = laid.element
                .traits()
                .link()
                .filter(l -> l instanceof Link.Around || l instanceof Link.Union)
                .isPresent();
        return laid.element instanceof ShapeElement
                && !follows
                && !laid.element.locked()
                && laid.toSheet.inverse().isPresent();
    }
}

package rondel.lines.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.lines.join.EndJoining;

/** What is to be regrouped: the elements at the ends of the tree, each moved into the space around all of them, from back to
 *  front; groups that hide part of what they hold, or are windows or try-outs, stay whole. */
final class Leaves {

    private final List<Element> all = new ArrayList<>();

    static List<Element> of(List<Element> elements) {
        Leaves leaves = new Leaves();
        elements.forEach(e -> leaves.take(e, Affine.IDENTITY, false, 1));
        return leaves.all;
    }

    private void take(Element e, Affine around, boolean hidden, double opacity) {
        if (e instanceof GroupElement g
                && !g.veiled()
                && !g.isTryOut()
                && g.slot().isEmpty()
                && g.traits().shadow().isEmpty()) {
            Affine own = around.times(g.placement());
            g.children().forEach(c -> take(c, own, hidden || g.hidden(), opacity * g.opacity()));
        } else {
            all.add(e.with(t -> t.withPlacement(around.times(t.placement()))
                    .withHidden(hidden || t.hidden())
                    .withOpacity(opacity * t.opacity())));
        }
    }

    /** The same, with lines of one role and look joined to outlines where their ends clearly belong together. */
    static List<Element> joined(List<Element> leaves) {
        List<EndJoining.Laid> laid =
                leaves.stream().map(e -> new EndJoining.Laid(e, e.placement())).toList();
        Map<Integer, Optional<Element>> changes = EndJoining.CLEAR.joined(laid, Leaves::look);
        if (changes.isEmpty()) {
            return leaves;
        }
        List<Element> result = new ArrayList<>();
        for (int i = 0; i < leaves.size(); i++) {
            changes.getOrDefault(i, Optional.of(leaves.get(i))).ifPresent(result::add);
        }
        return result;
    }

    private static Object look(Element e) {
        return e instanceof ShapeElement s ? List.of(s.role(), s.hidden(), s.fill(), s.stroke()) : e.id();
    }

    /** The contours of all leaves as lines. Where something is to be cut, cut lines make pieces; else every closed one. */
    static List<Line> lines(List<Element> leaves) {
        boolean roles = leaves.stream().anyMatch(e -> e.role().isCut());
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < leaves.size(); i++) {
            Element leaf = leaves.get(i);
            List<Contour> contours = contours(leaf);
            for (int k = 0; k < contours.size(); k++) {
                Contour c = contours.get(k);
                boolean shape = leaf instanceof ShapeElement;
                boolean bounds = shape && isClosed(c) && (roles ? leaf.role().isCut() : leaf.role() == Role.PRINT);
                lines.add(Line.of(i, k, c, bounds));
            }
        }
        return lines;
    }

    private static boolean isClosed(Contour c) {
        boolean meets = c.segments()
                        .getFirst()
                        .start()
                        .distanceTo(c.segments().getLast().end())
                < 1e-3;
        return (c.closed() || meets && c.segments().size() > 1) && Math.abs(c.area()) > 1e-6;
    }

    /** A shape's own contours; of anything else, its box. */
    private static List<Contour> contours(Element leaf) {
        if (leaf instanceof ShapeElement s) {
            return Contour.of(s.outline().transformed(s.placement()));
        }
        return Extent.of(leaf, Affine.IDENTITY)
                .map(Outline::rectangle)
                .map(Contour::of)
                .orElse(List.of());
    }

    static Box box(Element leaf) {
        return Extent.of(leaf, Affine.IDENTITY).orElse(new Box(0, 0, 0, 0));
    }
}

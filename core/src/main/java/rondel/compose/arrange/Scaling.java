package rondel.compose.arrange;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.compose.slot.Fitting;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Tree;
import rondel.operation.Transforming;

/** Scales elements by a map on the sheet. Pinned things inside them keep their size and turn, and only their centres move;
 *  where the job says that lines keep their width, they do. */
final class Scaling {

    private Scaling() {}

    static Job onSheet(Job job, Set<ElementId> ids, Affine map) {
        boolean alone = ids.size() == 1;
        Job scaled = Tree.replace(job, ids, (e, toSheet) -> {
            Affine own = !alone && e.pinned() ? centreMoved(e, toSheet, map) : map;
            Element pinned = repinned(Transforming.placed(e, toSheet, own), e, toSheet, toSheet, map);
            return Fitting.fitted(pinned, toSheet);
        });
        return job.linesScale()
                ? scaled
                : Tree.replace(scaled, ids, (e, toSheet) -> {
                    Element before = job.located(e.id()).element();
                    return lined(e, toSheet, before, toSheet);
                });
    }

    static boolean anyPinned(Job job, Set<ElementId> ids) {
        boolean alone = ids.size() == 1;
        return ids.stream()
                .map(id -> job.located(id).element())
                .anyMatch(e -> alone
                        ? e.children().stream().anyMatch(c -> Tree.any(c, Element::pinned))
                        : Tree.any(e, Element::pinned));
    }

    private static Affine centreMoved(Element e, Affine toSheet, Affine map) {
        Optional<Point> centre = Extent.of(e, toSheet).map(b -> b.centre());
        return centre.map(c -> {
                    Point to = map.apply(c);
                    return Affine.translate(to.x() - c.x(), to.y() - c.y());
                })
                .orElse(Affine.IDENTITY);
    }

    /** What {@code after}, a scaled {@code before}, becomes with the pinned things inside it as large as they were. */
    private static Element repinned(Element after, Element before, Affine toNow, Affine toBefore, Affine map) {
        if (!(after instanceof GroupElement group)
                || group.children().stream().noneMatch(c -> Tree.any(c, Element::pinned))) {
            return after;
        }
        Affine inNow = toNow.times(after.placement());
        Affine inBefore = toBefore.times(before.placement());
        Optional<Affine> back = inNow.inverse();
        if (back.isEmpty()) {
            return after;
        }
        return group.withChildren(group.children().stream()
                .map(c -> {
                    if (!c.pinned()) {
                        return repinned(c, c, inNow, inBefore, map);
                    }
                    Affine wanted =
                            centreMoved(c, inBefore, map).times(inBefore).times(c.placement());
                    return c.with(t -> t.withPlacement(back.get().times(wanted)));
                })
                .toList());
    }

    /** The element with each line as wide on the sheet as it was in {@code before}. */
    private static Element lined(Element now, Affine toSheet, Element before, Affine toBefore) {
        return switch (now) {
            case ShapeElement s ->
                s.stroke().isEmpty() ? s : Painting.stroke(s, toSheet, onSheet(s.stroke(), before, toBefore));
            case TextElement t ->
                t.stroke().isEmpty() ? t : Painting.stroke(t, toSheet, onSheet(t.stroke(), before, toBefore));
            case GroupElement g -> {
                Affine inNow = toSheet.times(g.placement());
                Affine inBefore = toBefore.times(before.placement());
                List<Element> was = before.children();
                List<Element> children = new java.util.ArrayList<>();
                for (int i = 0; i < was.size(); i++) {
                    children.add(lined(g.children().get(i), inNow, was.get(i), inBefore));
                }
                yield g.withChildren(children);
            }
            default -> now;
        };
    }

    private static Optional<Stroke> onSheet(Optional<Stroke> stroke, Element before, Affine toBefore) {
        double scale = toBefore.times(before.placement()).meanScale();
        return stroke.map(s -> s.scaled(scale, Affine.IDENTITY));
    }
}

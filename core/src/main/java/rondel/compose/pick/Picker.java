package rondel.compose.pick;

import java.awt.Shape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.paint.PaintedExtent;
import rondel.paint.Pens;

/** Finds siblings by where they are on the sheet, with an STR-tree over their painted boxes (Leutenegger et al. 1997).
 *  Locked and hidden elements are never found. */
public final class Picker {

    /** How a box catches elements: those that lie wholly in it, or all that it touches. */
    public enum Rule {
        ENCLOSE,
        TOUCH
    }

    private record Entry(int order, Element element, Box painted) {}

    private final Affine toSheet;
    private final STRtree tree = new STRtree();

    /** @param siblings back to front
     *  @param toSheet from their parent's space to the sheet */
    public Picker(List<Element> siblings, Affine toSheet) {
        this.toSheet = toSheet;
        for (int i = 0; i < siblings.size(); i++) {
            Element e = siblings.get(i);
            Optional<Box> box = e.locked() || e.hidden() ? Optional.empty() : found(e, toSheet);
            if (box.isPresent()) {
                tree.insert(envelope(box.get()), new Entry(i, e, box.get()));
            }
        }
        tree.build();
    }

    /** An empty window paints nothing, and yet it is there to be clicked. */
    private static Optional<Box> found(Element e, Affine toSheet) {
        return PaintedExtent.drawn(e, toSheet).or(() -> Extent.of(e, toSheet));
    }

    /** All that is painted within {@code reach} mm of a point, front to back: the first is what a click means, the others
     *  are what lies beneath. */
    public List<ElementId> at(Point point, double reach) {
        return entries(new Box(point.x(), point.y(), 0, 0).grown(reach)).stream()
                .sorted(Comparator.comparingInt(Entry::order).reversed())
                .filter(e -> hit(e.element, toSheet, point, reach))
                .map(e -> e.element.id())
                .toList();
    }

    /** What a box drawn on the sheet catches, back to front. */
    public List<ElementId> within(Box box, Rule rule) {
        return entries(box).stream()
                .filter(e -> rule == Rule.TOUCH || box.contains(e.painted))
                .sorted(Comparator.comparingInt(Entry::order))
                .map(e -> e.element.id())
                .toList();
    }

    private List<Entry> entries(Box box) {
        List<Entry> found = new ArrayList<>();
        tree.query(envelope(box), item -> found.add((Entry) item));
        return found;
    }

    private static Envelope envelope(Box b) {
        return new Envelope(b.x(), b.right(), b.y(), b.bottom());
    }

    private static boolean hit(Element e, Affine toSheet, Point point, double reach) {
        if (e.hidden()) {
            return false;
        }
        Affine own = toSheet.times(e.placement());
        Optional<Affine> back = own.inverse();
        if (back.isEmpty()) {
            return false;
        }
        Point p = back.get().apply(point);
        double near = reach / Math.max(own.meanScale(), 1e-12);
        return switch (e) {
            case ShapeElement s -> drawn(s.outline(), s.rule(), filled(s), s.stroke(), p, near);
            case TextElement t ->
                t.outline().bounds().filter(b -> b.grown(near).contains(p)).isPresent();
            case PictureElement pic -> pic.frame().grown(near).contains(p);
            case CopyElement c ->
                c.of().isPaper() && c.content().box().grown(near).contains(p)
                        || hit(c.asGroup(), toSheet, point, reach);
            case GroupElement g -> {
                boolean inside = g.clip().isEmpty()
                        || g.clip()
                                .get()
                                .outline()
                                .toShape(g.clip().get().rule())
                                .contains(p.x(), p.y());
                yield inside && (g.isEmptySlot() || g.children().stream().anyMatch(c -> hit(c, own, point, reach)));
            }
        };
    }

    /** Lines to cut have no fill, yet a click inside them means them. */
    private static boolean filled(ShapeElement s) {
        return s.fill().visible() || s.role() != Role.PRINT;
    }

    private static boolean drawn(
            Outline outline, FillRule rule, boolean filled, Optional<Stroke> stroke, Point p, double near) {
        Shape shape = outline.toShape(rule);
        if (filled
                && (shape.contains(p.x(), p.y()) || shape.intersects(p.x() - near, p.y() - near, 2 * near, 2 * near))) {
            return true;
        }
        double width = stroke.filter(Stroke::visible).map(Stroke::width).orElse(0.0);
        if (width == 0) {
            return false;
        }
        double both = 2 * width * Math.max(0.5, stroke.get().outwards());
        Stroke reach =
                new Stroke(stroke.get().paint(), both + 2 * near, Stroke.Cap.ROUND, Stroke.Join.ROUND, 4, List.of(), 0);
        return Pens.of(reach).createStrokedShape(shape).contains(p.x(), p.y());
    }
}

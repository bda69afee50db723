package rondel.halo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.ElementId;
import rondel.job.HaloShape;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.shapes.Opaque;
import rondel.shapes.Silhouette;

/** Computes halos: what artwork covers, and the outline at a distance around it, on the sheet. What has been computed is used
 *  again for as long as the artwork is the same. */
final class HaloMaking {

    private final Neighbours neighbours;
    private final Map<Artwork, Covered> covered = new HashMap<>();

    /** Some elements, and from which opacity on pixels of them count. */
    private record Artwork(List<ElementId> elements, double threshold) {}

    private record Covered(List<Located> by, Outline outline) {

        boolean isBy(List<Located> others) {
            boolean same = by.size() == others.size();
            for (int i = 0; same && i < by.size(); i++) {
                same = by.get(i).element() == others.get(i).element()
                        && by.get(i).toSheet().equals(others.get(i).toSheet());
            }
            return same;
        }
    }

    HaloMaking(Job job) {
        this.neighbours = new Neighbours(job);
    }

    Neighbours neighbours() {
        return neighbours;
    }

    /** What several elements cover together on their sheet: of pictures, what is opaque. Lines count with their area. */
    Outline covered(Job job, List<ElementId> elements, double threshold) {
        List<Located> by =
                elements.stream().flatMap(id -> job.find(id).stream()).toList();
        Artwork artwork = new Artwork(elements, threshold);
        Covered known = covered.get(artwork);
        if (known == null || !known.isBy(by)) {
            known = new Covered(by, united(job, by, threshold));
            covered.put(artwork, known);
        }
        return known.outline();
    }

    private static Outline united(Job job, List<Located> by, double threshold) {
        Silhouette silhouette = new Silhouette(true, new Opaque(job, threshold)::of);
        List<Operand> operands = by.stream()
                .map(l -> new Operand(silhouette.of(l.element(), l.toSheet()), FillRule.NON_ZERO))
                .toList();
        return operands.isEmpty() ? Outline.EMPTY : Overlay.of(operands).unite();
    }

    /** The line around elements, on the sheet, where nothing else is kept clear of. */
    Outline around(Job job, List<ElementId> elements, HaloShape shape) {
        return line(job, elements, shape, List.of(), 0);
    }

    /** The line that a halo's link asks for, on the sheet; nothing where nothing is left of it. */
    Outline line(Job job, Located halo, Link.Around link) {
        List<Outline> others = neighbours.of(halo, link).stream()
                .map(n -> covered(job, n, link.shape().threshold()))
                .filter(o -> !o.isEmpty())
                .toList();
        return line(job, link.elements(), link.shape(), others, link.gap().orElse(0));
    }

    private Outline line(Job job, List<ElementId> elements, HaloShape shape, List<Outline> others, double gap) {
        Outline clean = covered(job, elements, shape.threshold());
        return clean.isEmpty() ? Outline.EMPTY : Offsetting.of(clean, shape, others, gap);
    }
}

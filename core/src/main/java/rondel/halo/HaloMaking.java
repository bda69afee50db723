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

/** Computes halos: what artwork covers, and the outline at a distance around it, on the sheet. */
final class HaloMaking {

    private final Job job;
    private final Neighbours neighbours;
    private final Map<Artwork, Outline> covered = new HashMap<>();

    /** Some elements, and from which opacity on pixels of them count. */
    private record Artwork(List<ElementId> elements, double threshold) {}

    HaloMaking(Job job) {
        this.job = job;
        this.neighbours = new Neighbours(job);
    }

    Neighbours neighbours() {
        return neighbours;
    }

    /** What several elements cover together on their sheet: of pictures, what is opaque. Lines count with their area. */
    Outline covered(List<ElementId> elements, double threshold) {
        return covered.computeIfAbsent(new Artwork(elements, threshold), this::covered);
    }

    private Outline covered(Artwork artwork) {
        Silhouette silhouette = new Silhouette(true, new Opaque(job, artwork.threshold)::of);
        List<Operand> operands = artwork.elements.stream()
                .flatMap(id -> job.find(id).stream())
                .map(l -> new Operand(silhouette.of(l.element(), l.toSheet()), FillRule.NON_ZERO))
                .toList();
        return operands.isEmpty() ? Outline.EMPTY : Overlay.of(operands).unite();
    }

    /** The line that a link asks for, on the sheet, where nothing else is kept clear of. */
    Outline around(List<ElementId> elements, HaloShape shape) {
        Outline clean = covered(elements, shape.threshold());
        return clean.isEmpty() ? Outline.EMPTY : Offsetting.of(clean, shape);
    }

    /** The line that a halo's link asks for, on the sheet; nothing where nothing is left of it. */
    Outline line(Located halo, Link.Around link) {
        if (link.gap().isEmpty()) {
            return around(link.elements(), link.shape());
        }
        List<Outline> others = neighbours.of(halo, link).stream()
                .map(n -> covered(n, link.shape().threshold()))
                .filter(o -> !o.isEmpty())
                .toList();
        Outline clean = covered(link.elements(), link.shape().threshold());
        return clean.isEmpty()
                ? Outline.EMPTY
                : Offsetting.of(clean, link.shape(), others, link.gap().getAsDouble());
    }
}

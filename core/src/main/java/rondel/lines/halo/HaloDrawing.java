package rondel.lines.halo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.ShapeElement;
import rondel.job.Tree;
import rondel.operation.Targets;
import rondel.progress.Advance;
import rondel.progress.Cancellation;
import rondel.words.Refusal;

/** Draws halos as their links say, each knowing the others. */
final class HaloDrawing {

    private HaloDrawing() {}

    /** The job with some of its halos drawn anew.
     *
     * @throws Refusal where one goes around nothing, or nothing is left of it */
    static Job of(Job job, List<ElementId> halos) {
        HaloMaking making = new HaloMaking(job, new HaloCache());
        Map<ElementId, Outline> outlines = new HashMap<>();
        for (ElementId id : halos) {
            Cancellation.check();
            Advance.to(outlines.size(), halos.size());
            Located at = job.located(id);
            Link.Around link = Neighbours.link(at.element()).findFirst().orElseThrow();
            Element artwork = job.located(link.elements().getFirst()).element();
            if (making.covered(link.elements(), link.settings().threshold()).isEmpty()) {
                throw Refusal.of("halo.empty", Targets.display(artwork));
            }
            Outline outline = making.line(at, link);
            if (outline.isEmpty()) {
                throw Refusal.of("halo.nothing", Targets.display(artwork));
            }
            Affine back = at.toSheet()
                    .inverse()
                    .orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(artwork)));
            outlines.put(id, outline.transformed(back));
        }
        return Tree.replace(
                job, outlines.keySet(), (e, toSheet) -> Halos.redrawn((ShapeElement) e, outlines.get(e.id())));
    }
}

package rondel.lines.halo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
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
import rondel.progress.ParallelMap;
import rondel.words.Refusal;

/** Draws halos as their links say, each knowing the others. */
final class HaloDrawing {

    private HaloDrawing() {}

    /** The job with some of its halos drawn anew.
     *
     * @throws Refusal where one goes around nothing, or nothing is left of it */
    static Job of(Job job, List<ElementId> halos) {
        HaloMaking making = new HaloMaking(job, new HaloCache());
        AtomicInteger drawn = new AtomicInteger();
        Map<ElementId, Outline> outlines = new HashMap<>();
        ParallelMap.of(halos, id -> {
                    Outline outline = outline(making, job.located(id));
                    // Heard from the thread that asks, which draws its share of them.
                    Advance.to(drawn.incrementAndGet(), halos.size());
                    return Map.entry(id, outline);
                })
                .forEach(e -> outlines.put(e.getKey(), e.getValue()));
        return Tree.replace(
                job, outlines.keySet(), (e, toSheet) -> Halos.redrawn((ShapeElement) e, outlines.get(e.id())));
    }

    /** The line in its own space. */
    private static Outline outline(HaloMaking making, Located halo) {
        Link.Around link = Neighbours.link(halo.element()).findFirst().orElseThrow();
        Element artwork = making.job().located(link.elements().getFirst()).element();
        if (making.covered(link.elements(), link.settings().threshold()).isEmpty()) {
            throw Refusal.of("halo.empty", Targets.display(artwork));
        }
        Outline outline = making.line(halo, link);
        if (outline.isEmpty()) {
            throw Refusal.of("halo.nothing", Targets.display(artwork));
        }
        Affine back =
                halo.toSheet().inverse().orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(artwork)));
        return outline.transformed(back);
    }
}

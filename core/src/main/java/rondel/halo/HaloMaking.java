package rondel.halo;

import java.util.List;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.HaloShape;
import rondel.job.Job;
import rondel.job.Located;
import rondel.shapes.Opaque;
import rondel.shapes.Silhouette;

/** Computes halos: what artwork covers, and the outline at a distance around it, on the sheet. */
final class HaloMaking {

    private final Job job;
    private final HaloShape shape;

    HaloMaking(Job job, HaloShape shape) {
        this.job = job;
        this.shape = shape;
    }

    /** What an element covers on its sheet: of pictures, what is opaque. Lines count with their area. */
    Outline covered(Located at) {
        return new Silhouette(true, new Opaque(job, shape.threshold())::of).of(at.element(), at.toSheet());
    }

    /** What several elements cover together. */
    Outline covered(List<Located> all) {
        return Overlay.of(all.stream()
                        .map(l -> new Operand(covered(l), FillRule.NON_ZERO))
                        .toList())
                .unite();
    }

    Outline around(Outline covered) {
        Outline clean = Overlay.united(covered);
        return clean.isEmpty() ? Outline.EMPTY : Offsetting.of(clean, shape);
    }
}

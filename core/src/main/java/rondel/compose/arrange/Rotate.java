package rondel.compose.arrange;

import java.util.List;
import java.util.Set;
import rondel.fields.Degrees;
import rondel.fields.LeftOut;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Refusal;
import rondel.words.Words;

/** Turns elements together, clockwise, about an anchor of the box around them; a single one about an anchor of its own
 *  box, which turns with it, so that it comes back to where it was after a whole turn in any number of steps. */
public record Rotate(
        List<ElementId> elements,
        @Degrees double angle,
        @LeftOut("centre") Anchor anchor) implements Operation {

    public Rotate {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Affine turn = Affine.rotate(Targets.finite(angle, "angle"), pivot(job));
        return Transforming.onSheet(job, elements, turn);
    }

    private Point pivot(Job job) {
        Set<ElementId> ids = Targets.existing(job, elements);
        if (ids.size() > 1) {
            return Transforming.box(job, ids).at(anchor);
        }
        Located one = job.located(ids.iterator().next());
        return Extent.turned(one.element(), one.toSheet(), one.ownToSheet().rotation())
                .orElseThrow(() -> Refusal.of("operation.noExtent"))
                .at(anchor.across(), anchor.down());
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.rotate");
    }
}

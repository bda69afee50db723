package rondel.compose.arrange;

import java.util.List;
import rondel.fields.Degrees;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Words;

/** Turns each element about its own centre until it stands at an angle, clockwise from how it was drawn. */
public record TurnTo(List<ElementId> elements, @Degrees double angle) implements Operation {

    public TurnTo {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.finite(angle, "angle");
        return Transforming.onSheet(job, Targets.unlocked(job, elements), (e, toSheet) -> {
            double now = toSheet.times(e.placement()).rotation();
            Point centre =
                    Extent.turned(e, toSheet, now).map(Extent.TurnedBox::centre).orElse(Point.ORIGIN);
            return Affine.rotate(angle - now, centre);
        });
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

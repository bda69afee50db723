package rondel.compose.outline;

import java.util.List;
import rondel.fields.LeftOut;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Opens a closed contour at a point, which becomes its start and its end. */
public record OpenOutline(
        ElementId element,
        @LeftOut("0") int contour,
        @LeftOut("0") int point) implements Operation {

    @Override
    public Job apply(Job job) {
        return ContourEdit.one(job, element, contour, (c, back) -> {
            if (!c.closed()) {
                throw Refusal.of("outline.open");
            }
            ContourEdit.checkPoint(c, point);
            return List.of(new Contour(SplitOutline.from(c, point), false));
        });
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.openOutline");
    }
}

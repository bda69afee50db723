package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Adds a point to a contour, where its outline runs already, so that nothing else changes.
 *
 * @param segment which stretch between two points, counted from 0
 * @param at how far along it, from 0 to 1 */
public record AddPoint(
        ElementId element,
        @LeftOut("0") int contour,
        int segment,
        @LeftOut("0.5") double at) implements Operation {

    @Override
    public Job apply(Job job) {
        if (!(at > 0 && at < 1)) {
            throw Refusal.of("outline.at");
        }
        return ContourEdit.one(job, element, contour, (c, back) -> {
            ContourEdit.checkSegment(c, segment);
            List<Bezier> segments = new ArrayList<>(c.segments());
            Bezier b = segments.remove(segment);
            segments.addAll(segment, List.of(b.part(0, at), b.part(at, 1)));
            return List.of(new Contour(segments, c.closed()));
        });
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.addPoint");
    }
}

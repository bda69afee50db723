package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import rondel.fields.LeftOut;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Splits contours: an open one becomes two at a point, a closed one is opened there and split at a second.
 *
 * @param second for a closed contour, the other point */
public record SplitOutline(ElementId element, @LeftOut("0") int contour, int point, OptionalInt second)
        implements Operation {

    @Override
    public Job apply(Job job) {
        return ContourEdit.one(job, element, contour, (c, back) -> {
            ContourEdit.checkPoint(c, point);
            int n = c.segments().size();
            if (!c.closed()) {
                if (point == 0 || point == n) {
                    throw Refusal.of("outline.end");
                }
                return List.of(
                        new Contour(c.segments().subList(0, point), false),
                        new Contour(c.segments().subList(point, n), false));
            }
            int other = second.orElseThrow(() -> Refusal.of("outline.second"));
            ContourEdit.checkPoint(c, other);
            if (other == point) {
                throw Refusal.of("outline.second");
            }
            List<Bezier> all = from(c, point);
            int length = Math.floorMod(other - point, n);
            return List.of(new Contour(all.subList(0, length), false), new Contour(all.subList(length, n), false));
        });
    }

    /** The segments of a closed contour, begun at a point. */
    static List<Bezier> from(Contour c, int point) {
        List<Bezier> all =
                new ArrayList<>(c.segments().subList(point, c.segments().size()));
        all.addAll(c.segments().subList(0, point));
        return all;
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.splitOutline");
    }
}

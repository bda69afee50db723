package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Removes a point of a contour. Two straight stretches become one; curves become one that leaves and arrives as they did. An
 *  open contour loses its end. */
public record RemovePoint(ElementId element, @LeftOut("0") int contour, int point) implements Operation {

    @Override
    public Job apply(Job job) {
        return ContourEdit.one(job, element, contour, (c, back) -> {
            ContourEdit.checkPoint(c, point);
            List<Bezier> segments = new ArrayList<>(c.segments());
            int n = segments.size();
            if (!c.closed() && (point == 0 || point == n)) {
                segments.remove(point == 0 ? 0 : n - 1);
                return segments.isEmpty() ? List.of() : List.of(new Contour(segments, false));
            }
            if (n == 1) {
                return List.of();
            }
            int i = Math.floorMod(point - 1, n);
            segments.set(i, PointShape.joined(segments.get(i), segments.get(point)));
            segments.remove(point);
            boolean flat =
                    c.closed() && segments.size() < 3 && segments.stream().allMatch(b -> b.order() == 1);
            return flat ? List.of() : List.of(new Contour(segments, c.closed()));
        });
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.removePoint");
    }
}

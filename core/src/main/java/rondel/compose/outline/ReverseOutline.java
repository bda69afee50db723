package rondel.compose.outline;

import java.util.List;
import java.util.OptionalInt;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Turns contours round, so that they run the other way.
 *
 * @param contour which one; all of them where it is left out */
public record ReverseOutline(ElementId element, OptionalInt contour) implements Operation {

    @Override
    public Job apply(Job job) {
        ContourEdit.shape(job, element);
        if (contour.isPresent()) {
            return ContourEdit.one(job, element, contour.getAsInt(), (c, back) -> List.of(c.reversed()));
        }
        return ContourEdit.all(job, element, contours -> contours.stream()
                .map(Contour::reversed)
                .toList());
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.reverseOutline");
    }
}

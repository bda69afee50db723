package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Joins two open contours of a shape at their nearest ends: by moving both ends to their middle where they are nearer than
 *  the tolerance, else by a straight line.
 *
 * @param tolerance on the sheet, in mm */
public record JoinContours(
        ElementId element,
        int first,
        int second,
        @Mm @LeftOut("0.1") double tolerance) implements Operation {

    @Override
    public Job apply(Job job) {
        ContourEdit.shape(job, element);
        double scale = job.located(element).ownToSheet().meanScale();
        return ContourEdit.all(job, element, contours -> {
            if (first == second || !isOpen(contours, first) || !isOpen(contours, second)) {
                throw Refusal.of("outline.twoOpen");
            }
            List<Contour> rest = new ArrayList<>(contours);
            Contour joined = EndJoin.nearest(contours.get(first), contours.get(second), tolerance / scale);
            rest.set(Math.min(first, second), joined);
            rest.remove(Math.max(first, second));
            return rest;
        });
    }

    private static boolean isOpen(List<Contour> contours, int i) {
        return i >= 0 && i < contours.size() && !contours.get(i).closed();
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.joinContours");
    }
}

package rondel.compose.spacing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.geometry.Axis;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Job;

/** Things one after the other along an axis. */
final class Row {

    private Row() {}

    /** The gap that makes {@code row} fill a span from end to end; negative where they must overlap. */
    static double gap(List<Placed> row, Axis axis, Span over) {
        double filled = row.stream().mapToDouble(p -> p.span(axis).length()).sum();
        return (over.length() - filled) / (row.size() - 1);
    }

    /** Fills a span from end to end with equal gaps; a single thing goes to its middle. */
    static Job spread(Job job, List<Placed> row, Axis axis, Span over) {
        if (row.size() == 1) {
            Placed only = row.getFirst();
            double move = over.centre() - only.span(axis).centre();
            return Placed.moved(job, axis, Map.of(only.id(), move));
        }
        return from(job, row, axis, over.low(), gap(row, axis, over));
    }

    /** Puts the first at {@code start} and each other one {@code gap} after the one before. */
    static Job from(Job job, List<Placed> row, Axis axis, double start, double gap) {
        Map<ElementId, Double> distances = new HashMap<>();
        double at = start;
        for (Placed p : row) {
            distances.put(p.id(), at - p.span(axis).low());
            at += p.span(axis).length() + gap;
        }
        return Placed.moved(job, axis, distances);
    }
}

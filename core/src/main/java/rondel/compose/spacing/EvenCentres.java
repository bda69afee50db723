package rondel.compose.spacing;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rondel.geometry.Axis;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Moves elements so that their centres are evenly far apart along an axis. The outermost two stay. */
public record EvenCentres(List<ElementId> elements, Axis axis) implements Operation {

    public EvenCentres {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        List<Placed> row = Placed.of(job, Targets.unlocked(job, elements)).stream()
                .sorted(Comparator.comparingDouble(p -> p.span(axis).centre()))
                .toList();
        if (row.size() < 3) {
            throw Refusal.of("align.tooFew", 3);
        }
        double first = row.getFirst().span(axis).centre();
        double step = (row.getLast().span(axis).centre() - first) / (row.size() - 1);
        Map<ElementId, Double> distances = new HashMap<>();
        for (int i = 1; i < row.size() - 1; i++) {
            Placed p = row.get(i);
            distances.put(p.id(), first + i * step - p.span(axis).centre());
        }
        return Placed.moved(job, axis, distances);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.evenCentres");
    }
}

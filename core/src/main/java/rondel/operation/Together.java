package rondel.operation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;

/** Several edits that a person makes as one, in order: undone together, or refused together.
 *
 * @param label what undo calls it */
public record Together(String label, List<Operation> steps) implements Operation {

    public Together {
        steps = List.copyOf(steps);
    }

    @Override
    public Job apply(Job job) {
        Job done = job;
        for (Operation step : steps) {
            done = step.apply(done);
        }
        return done;
    }

    /** Several of one kind take up one more of it. */
    @Override
    public Optional<Operation> mergedWith(Operation next) {
        boolean alike = !steps.isEmpty()
                && steps.stream()
                        .allMatch(s ->
                                s.getClass() == next.getClass() && s.about().equals(next.about()));
        if (!alike || next.about().isEmpty()) {
            return Optional.empty();
        }
        List<Operation> all = new ArrayList<>(steps);
        all.add(next);
        return Optional.of(new Together(label, all));
    }

    @Override
    public List<ElementId> about() {
        return steps.stream().flatMap(s -> s.about().stream()).distinct().toList();
    }
}

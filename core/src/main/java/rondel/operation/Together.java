package rondel.operation;

import java.util.List;
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

    @Override
    public List<ElementId> about() {
        return steps.stream().flatMap(s -> s.about().stream()).distinct().toList();
    }
}

package rondel.handoff.sets;

import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Takes a hand-off set off the job. */
public record RemoveHandOffSet(String name) implements Operation {

    @Override
    public Job apply(Job job) {
        if (job.handOff().stream().noneMatch(s -> s.name().equals(name))) {
            throw Refusal.of("handoff.none", name);
        }
        return job.withHandOff(
                job.handOff().stream().filter(s -> !s.name().equals(name)).toList());
    }

    @Override
    public String label() {
        return Words.of("operation.removeHandOffSet");
    }
}

package rondel.handoff.sets;

import java.util.ArrayList;
import java.util.List;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Keeps a hand-off set in the job; one of its name is replaced by it. */
public record KeepHandOffSet(HandOffSet set) implements Operation {

    @Override
    public Job apply(Job job) {
        if (job.handOff().contains(set)) {
            throw Refusal.of("handoff.same", set.name());
        }
        List<HandOffSet> all = new ArrayList<>(job.handOff());
        all.removeIf(s -> s.name().equals(set.name()));
        all.add(set);
        return job.withHandOff(all);
    }

    @Override
    public String label() {
        return Words.of("operation.keepHandOffSet");
    }
}

package rondel.gang.names;

import rondel.job.Design;
import rondel.job.Job;
import rondel.job.NameListId;
import rondel.job.Plan;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Takes a list of names off the job. */
public record RemoveNames(NameListId list) implements Operation {

    @Override
    public Job apply(Job job) {
        if (job.list(list).isEmpty()) {
            throw Refusal.of("names.noList", list);
        }
        for (Plan plan : job.plans()) {
            boolean used = plan.designs().stream()
                    .flatMap(d -> d.design().everything())
                    .anyMatch(d -> d instanceof Design.Row r && r.list().equals(list));
            if (used) {
                throw Refusal.of("names.used", plan.name());
            }
        }
        return job.withLists(
                job.lists().stream().filter(l -> !l.id().equals(list)).toList());
    }

    @Override
    public String label() {
        return Words.of("operation.removeNames");
    }
}

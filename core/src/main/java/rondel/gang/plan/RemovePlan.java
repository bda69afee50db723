package rondel.gang.plan;

import rondel.job.Job;
import rondel.job.PlanId;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Takes a plan off the job, with its sheets; the designs stay. */
public record RemovePlan(PlanId plan) implements Operation {

    @Override
    public Job apply(Job job) {
        if (job.plan(plan).isEmpty()) {
            throw Refusal.of("plan.none", plan);
        }
        return job.withPlans(
                job.plans().stream().filter(p -> !p.id().equals(plan)).toList());
    }

    @Override
    public String label() {
        return Words.of("operation.removePlan");
    }
}

package rondel.gang.plan;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Plan;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lays out the same otherwise: the plan with the same id becomes this one, and its sheets are worked out again. */
public record ChangePlan(Plan plan) implements Operation {

    @Override
    public Job apply(Job job) {
        Plan before = job.plan(plan.id()).orElseThrow(() -> Refusal.of("plan.none", plan.id()));
        if (before.equals(plan)) {
            throw Refusal.of("plan.same");
        }
        return job.withPlan(plan);
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return List.of();
    }

    /** Figures that are changed one after the other are one edit. */
    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return next instanceof ChangePlan c && c.plan.id().equals(plan.id()) ? Optional.of(next) : Optional.empty();
    }

    @Override
    public String label() {
        return Words.of("operation.changePlan");
    }
}

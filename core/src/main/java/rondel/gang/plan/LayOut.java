package rondel.gang.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.gang.copies.DesignContents;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.MarkSettings;
import rondel.job.NameList;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.StockCount;
import rondel.job.Way;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lays out copies of designs on stock: a new plan, from which new sheets follow.
 *
 * @param name as the person sees it; empty for that of the first design */
public record LayOut(
        @LeftOut("") String name, List<DesignCount> designs, List<StockCount> stocks, Way way, MarkSettings marks)
        implements Operation {

    public LayOut {
        designs = List.copyOf(designs);
        stocks = List.copyOf(stocks);
    }

    @Override
    public Job apply(Job job) {
        for (DesignCount d : designs) {
            if (!DesignContents.isThere(job, d.design())) {
                throw Refusal.of("plan.noDesign", DesignContents.name(job, d.design()));
            }
        }
        List<Plan> plans = new ArrayList<>(job.plans());
        plans.add(plan(job));
        return job.withPlans(plans).withNextNumber(job.nextNumber() + 1);
    }

    /** The plan that it makes in a job. */
    public Plan plan(Job job) {
        String called = name.isBlank() && !designs.isEmpty()
                ? named(job, designs.getFirst().design())
                : name;
        return new Plan(freshId(job), called, designs, stocks, way, marks, List.of());
    }

    /** Rows of a list are called after the list. */
    private static String named(Job job, Design first) {
        return first.everything()
                .filter(Design.Row.class::isInstance)
                .flatMap(d -> job.list(((Design.Row) d).list()).stream())
                .map(NameList::name)
                .findFirst()
                .orElseGet(() -> DesignContents.name(job, first));
    }

    private static PlanId freshId(Job job) {
        for (long number = job.nextNumber(); ; number++) {
            PlanId id = new PlanId("plan-" + number);
            if (job.plan(id).isEmpty()) {
                return id;
            }
        }
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return List.of();
    }

    @Override
    public Optional<Operation> mergedWith(Operation next) {
        return Optional.empty();
    }

    @Override
    public String label() {
        return Words.of("operation.layOut");
    }
}

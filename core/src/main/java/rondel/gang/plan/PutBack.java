package rondel.gang.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.PlannedPlace;
import rondel.job.PlannedSheet;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gives copies back to their plan: they go where it puts them, and show what it says. A plan all of whose copies are named also gets back those
 *  that were taken out. */
public record PutBack(List<ElementId> elements) implements Operation {

    public PutBack {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.existing(job, elements);
        Set<PlanId> plans = new HashSet<>();
        Job done = Tree.replace(job, ids, (e, toSheet) -> back(e, plans));
        if (plans.isEmpty()) {
            throw Refusal.of("plan.noneMoved");
        }
        return done.withPlans(job.plans().stream()
                .map(p -> plans.contains(p.id()) && allNamed(job, p, ids) ? p.without(Set.of()) : p)
                .toList());
    }

    private static Element back(Element e, Set<PlanId> plans) {
        if (!(e instanceof CopyElement c) || c.planned().isEmpty()) {
            return e;
        }
        PlannedPlace place = c.planned().get();
        plans.add(place.plan());
        return new CopyElement(
                c.traits().withPlacement(place.put()).withLocked(false), place.of(), c.content(), c.planned());
    }

    private static boolean allNamed(Job job, Plan plan, Set<ElementId> ids) {
        return PlannedSheet.sheetsOf(job, plan.id()).stream()
                .flatMap(s -> s.elements().stream())
                .filter(CopyElement.class::isInstance)
                .allMatch(e -> ids.contains(e.id()));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.putBack");
    }
}

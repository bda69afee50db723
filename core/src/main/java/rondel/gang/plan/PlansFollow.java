package rondel.gang.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.slf4j.LoggerFactory;
import rondel.gang.copies.CopiesFollow;
import rondel.gang.copies.DesignContents;
import rondel.history.Follower;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.PlannedSheet;
import rondel.job.Sheet;
import rondel.job.Way;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** Works out the sheets of plans after every edit that changes them: of a plan, of what its copies show, or of its sheets. A plan that is new
 *  or was changed and can't be laid out is refused; one whose designs have become such by another edit keeps the sheets that it had. */
public final class PlansFollow implements Follower {

    private final Optional<Typesetter> typesetter;

    /** @param typesetter sets the labels of sheets; nothing where there are no fonts */
    public PlansFollow(Optional<Typesetter> typesetter) {
        this.typesetter = typesetter;
    }

    @Override
    public Job follow(Job before, Job after) {
        if (before.plans().isEmpty() && after.plans().isEmpty()) {
            return after;
        }
        Job done = withoutTakenOut(before, withoutLost(before, after));
        for (Plan plan : done.plans()) {
            // Copies that were taken out are the plan's own business: the person has not asked for another layout.
            boolean asked = !before.plan(plan.id()).equals(after.plan(plan.id()));
            boolean changed = before.plan(plan.id()).filter(plan::equals).isEmpty();
            if (changed
                    || !same(PlannedSheet.sheetsOf(before, plan.id()), PlannedSheet.sheetsOf(done, plan.id()))
                    || labelled(before, done, plan)) {
                done = worked(done, plan, asked);
            }
        }
        // A design may be something on a sheet that a plan has just laid out.
        return done == after ? after : CopiesFollow.shown(done);
    }

    private static boolean labelled(Job before, Job after, Plan plan) {
        return plan.marks().names() && !before.title().equals(after.title());
    }

    private Job worked(Job job, Plan plan, boolean asked) {
        DesignContents contents = new DesignContents(job);
        try {
            Plan searched = searched(plan, contents);
            Job with = searched == plan ? job : job.withPlan(searched);
            Layout layout = PlanLayout.of(searched, contents);
            return new PlanSheets(with, searched, contents, typesetter).written(layout.sheets());
        } catch (Refusal refused) {
            if (asked) {
                throw refused;
            }
            // The plan's own finding says why: see PlanChecks.
            LoggerFactory.getLogger(PlansFollow.class).debug("{} keeps its sheets", plan.id(), refused);
            return job;
        }
    }

    /** A plan that packs true shapes, and whose search is still to be made, with what it finds. */
    private static Plan searched(Plan plan, DesignContents contents) {
        boolean open = plan.way() instanceof Way.Nest n
                && n.found()
                        .filter(f -> f.places().size() == NestLayout.items(plan).size())
                        .isEmpty();
        return open ? new NestPlan(plan, contents).run(p -> {}) : plan;
    }

    /** Sheets of plans that are no longer there go with them. */
    private static Job withoutLost(Job before, Job after) {
        Set<PlanId> gone = new HashSet<>();
        before.plans().forEach(p -> gone.add(p.id()));
        after.plans().forEach(p -> gone.remove(p.id()));
        if (gone.isEmpty()) {
            return after;
        }
        List<Sheet> left = after.sheets().stream()
                .filter(s -> s.planned().filter(p -> gone.contains(p.plan())).isEmpty())
                .toList();
        if (left.isEmpty()) {
            throw Refusal.of("plan.onlySheets");
        }
        return after.withSheets(left);
    }

    /** Copies that were there, and that the edit took away, are not put back. */
    private static Job withoutTakenOut(Job before, Job after) {
        List<Plan> plans = new ArrayList<>();
        boolean any = false;
        for (Plan plan : after.plans()) {
            Set<Integer> taken = new TreeSet<>();
            if (before.plan(plan.id()).filter(plan::equals).isPresent()) {
                Set<Side> missing = sides(before, plan.id());
                missing.removeAll(sides(after, plan.id()));
                missing.forEach(s -> taken.add(s.index()));
            }
            any |= !taken.isEmpty();
            taken.addAll(plan.without());
            plans.add(taken.size() == plan.without().size() ? plan : plan.without(taken));
        }
        return any ? after.withPlans(plans) : after;
    }

    /** A copy's number, and on which side of the sheet it is. */
    private record Side(int index, boolean inside) {}

    private static Set<Side> sides(Job job, PlanId plan) {
        Set<Side> all = new HashSet<>();
        for (Sheet s : PlannedSheet.sheetsOf(job, plan)) {
            boolean inside = s.planned().orElseThrow().inside();
            for (Element e : s.elements()) {
                if (e instanceof CopyElement c) {
                    c.planned().filter(p -> p.plan().equals(plan)).ifPresent(p -> all.add(new Side(p.index(), inside)));
                }
            }
        }
        return all;
    }

    private static boolean same(List<Sheet> a, List<Sheet> b) {
        if (a.size() != b.size()) {
            return false;
        }
        for (int i = 0; i < a.size(); i++) {
            if (a.get(i) != b.get(i)) {
                return false;
            }
        }
        return true;
    }
}

package rondel.gang.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rondel.gang.copies.ContentBleed;
import rondel.gang.copies.DesignContents;
import rondel.gang.names.NameFindings;
import rondel.gang.plan.Freshness;
import rondel.gang.plan.NestPlan;
import rondel.gang.plan.PlanFigures;
import rondel.gang.plan.PlanLayout;
import rondel.geometry.Box;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.NameList;
import rondel.job.Plan;
import rondel.job.PlannedSheet;
import rondel.job.Sheet;
import rondel.job.Way;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.progress.Cancellation;
import rondel.words.Decimals;
import rondel.words.Refusal;

/** What is to be said of the plans and lists of a job. */
public final class PlanChecks implements Check {

    private static final double NEAR = 0.01;

    @Override
    public List<Finding> of(Checked checked) {
        Job job = checked.job();
        List<Finding> found = new ArrayList<>();
        for (Plan plan : job.plans()) {
            Cancellation.check();
            of(job, plan, found);
        }
        for (Sheet sheet : job.sheets()) {
            if (sheet.planned().isPresent()) {
                Cancellation.check();
                outOfReach(sheet, found);
                found.addAll(new MeetingPieces(job, sheet).findings());
            }
        }
        for (NameList list : job.lists()) {
            NameFindings.of(list).forEach(a -> found.add(a.finding()));
        }
        return found;
    }

    private static void of(Job job, Plan plan, List<Finding> found) {
        DesignContents contents = new DesignContents(job);
        plan.designs().stream()
                .map(d -> d.design())
                .filter(d -> !DesignContents.isThere(job, d))
                .forEach(d -> found.add(
                        Finding.of(Severity.WARNING, "designGone", plan.name(), DesignContents.name(job, d))));
        switch (standing(plan, contents)) {
            case Freshness.Fresh f -> {}
            case Freshness.Stale s -> found.add(Finding.of(Severity.WARNING, "planStale", plan.name()));
            case Freshness.Refused(Refusal why) ->
                found.add(Finding.of(Severity.ERROR, "planRefused", plan.name(), why.getMessage()));
        }
        PlanFigures figures = PlanFigures.of(job, plan);
        int wanted = 0;
        int made = 0;
        for (PlanFigures.Made m : figures.made()) {
            wanted += m.wanted().orElse(0);
            made += m.wanted().isPresent() ? m.count() : 0;
        }
        if (made + figures.takenOut() + figures.byHand() < wanted) {
            found.add(Finding.of(
                    Severity.WARNING, "planShort", plan.name(), String.valueOf(made), String.valueOf(wanted)));
        }
        cutOff(job, plan, contents, found);
    }

    /** Rows are laid out anew each time, which may be refused. */
    private static Freshness standing(Plan plan, DesignContents contents) {
        if (plan.way() instanceof Way.Rows) {
            try {
                PlanLayout.of(plan, contents);
            } catch (Refusal why) {
                return new Freshness.Refused(why);
            }
        }
        return NestPlan.freshness(plan, contents);
    }

    /** Bleed that is not printed, as a neighbour's piece is there. */
    private static void cutOff(Job job, Plan plan, DesignContents contents, List<Finding> found) {
        Set<Design> told = new HashSet<>();
        PlannedSheet.sheetsOf(job, plan.id()).stream()
                .flatMap(s -> s.elements().stream())
                .forEach(e -> {
                    if (e instanceof CopyElement c
                            && c.of() instanceof Design.InRows in
                            && in.room() < Design.InRows.NO_LIMIT
                            && told.add(in.of())) {
                        double bleed = ContentBleed.of(contents.of(in.of()));
                        found.add(Finding.of(
                                Severity.WARNING,
                                "bleedCut",
                                DesignContents.name(job, in.of()),
                                mm(bleed),
                                mm(in.room()),
                                mm(2 * bleed)));
                    }
                });
    }

    private static String mm(double length) {
        return Decimals.of(length, 2);
    }

    /** Copies that the printer or the cutter does not reach all of. */
    private static void outOfReach(Sheet sheet, List<Finding> found) {
        Box usable = sheet.planned().orElseThrow().usable();
        for (Element e : sheet.elements()) {
            if (e instanceof CopyElement c && !usable.grown(NEAR).contains(c.placedBox())) {
                found.add(Finding.of(Severity.WARNING, "outOfReach", c.name(), sheet.name())
                        .about(c.id()));
            }
        }
    }
}

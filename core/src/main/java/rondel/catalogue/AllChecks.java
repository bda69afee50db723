package rondel.catalogue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rondel.gang.check.PlanChecks;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.kinds.Checks;
import rondel.run.stitch.StitchChecks;

/** Everything that is looked for in a job, stage by stage. A later stage adds its checks here. */
public final class AllChecks {

    private AllChecks() {}

    /** What is found, what matters most first. */
    public static List<Finding> of(Checked job) {
        List<Finding> found = new ArrayList<>(Checks.of(job));
        found.addAll(new PlanChecks().of(job));
        found.addAll(new StitchChecks().of(job));
        found.sort(Comparator.comparing(Finding::severity));
        return found;
    }
}

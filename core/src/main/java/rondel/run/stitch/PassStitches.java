package rondel.run.stitch;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.SewingSettings;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.run.passes.Pass;

/** The stitches of one pass. */
public final class PassStitches {

    private PassStitches() {}

    /** What is sewn of the things whose lines are in a pass; slow the first time. */
    public static StitchPattern of(Job job, SheetId id, Pass pass) {
        Sheet sheet = job.sheet(id);
        SewingSettings sewing = job.run().of(id).sewn();
        Set<ElementId> own = pass.lines().stream().map(l -> l.path().getLast()).collect(Collectors.toSet());
        boolean all = PartsToSew.of(sheet).stream()
                .allMatch(p -> own.contains(p.part().element()));
        return all
                ? StitchPlan.of(sheet, sewing)
                : sheet.once(
                        List.of(sewing.cloth(), sewing.order(), own),
                        s -> StitchPlan.of(s, sewing, p -> own.contains(p.element())));
    }
}

package rondel.gang.copies;

import java.util.Map;
import rondel.job.CopyContent;
import rondel.job.Design;
import rondel.job.Job;
import rondel.job.Tree;

/** Copies look like their designs after every edit. */
public final class CopiesFollow {

    private CopiesFollow() {}

    public static Job follow(Job before, Job after) {
        return shown(after);
    }

    public static Job shown(Job job) {
        return any(job) ? shown(job, DesignContents.shownBy(job)) : job;
    }

    /** The job with every copy showing what its design looks like now; what is not there any more is shown as it was. Sheets whose copies
     *  all do so are the same objects afterwards.
     *
     * @param before what copies showed until now */
    public static Job shown(Job job, Map<Design, CopyContent> before) {
        if (!any(job)) {
            return job;
        }
        DesignContents contents = new DesignContents(job, before);
        return Tree.eachSheet(
                job,
                sheet -> CopiesWithin.any(sheet)
                        ? CopiesWithin.replaced(sheet.elements(), contents::shown)
                        : sheet.elements());
    }

    private static boolean any(Job job) {
        return job.sheets().stream().anyMatch(CopiesWithin::any);
    }
}

package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.List;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Limits;
import rondel.lines.check.Severity;
import rondel.operation.Operation;
import rondel.text.FontBook;
import rondel.words.Refusal;

/** Makes fixes, and none that would leave an error that was not there: lines that only touch may cross once one of them is evened
 *  out. */
public record Mending(Editing editing, FontBook fonts, Limits limits) {

    /** A job after a fix. */
    public record Mended(Operation fix, Job job) {}

    /** A fix, made.
     *
     * @throws Refusal if there is none, if it can't be made, or if it would leave something worse */
    public Mended make(Finding finding, Job job) {
        Operation fix = finding.fix()
                .orElseThrow(() -> Refusal.of("mend.none", finding.sentence()))
                .operation()
                .get();
        Job mended = editing.apply(fix, job);
        List<String> errors = new ArrayList<>(errors(mended));
        errors(job).forEach(errors::remove);
        if (!errors.isEmpty()) {
            throw Refusal.of("mend.worse", finding.sentence());
        }
        return new Mended(fix, mended);
    }

    public List<Finding> findings(Job job) {
        return Checks.of(new Checked(job, fonts, limits));
    }

    private List<String> errors(Job job) {
        return findings(job).stream()
                .filter(f -> f.severity() == Severity.ERROR)
                .map(Finding::code)
                .toList();
    }
}

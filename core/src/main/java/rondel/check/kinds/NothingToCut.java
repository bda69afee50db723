package rondel.check.kinds;

import java.util.List;
import rondel.check.Check;
import rondel.check.Checked;
import rondel.check.Finding;
import rondel.check.Severity;
import rondel.job.Role;

/** A job of which some is scored or drawn, but nothing is cut. */
public record NothingToCut() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        boolean made = job.shown().stream()
                .anyMatch(p -> p.element().role() == Role.SCORE || p.element().role() == Role.DRAW);
        return made && job.cutLines().isEmpty() ? List.of(Finding.of(Severity.WARNING, "nothingToCut")) : List.of();
    }
}

package rondel.check.kinds;

import java.util.List;
import rondel.check.Check;
import rondel.check.Checked;
import rondel.check.Finding;
import rondel.check.Fix;
import rondel.check.Severity;
import rondel.job.Role;
import rondel.job.TextElement;
import rondel.shapes.ToOutlines;

/** Text that is to be cut, scored or drawn but is live still: other programs may not have its font, and overlapping letters
 *  would be cut through. */
public record LiveText() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .filter(p -> p.element() instanceof TextElement
                        && p.element().role() != Role.PRINT
                        && p.element().role() != Role.GUIDE)
                .map(p -> Finding.of(Severity.ERROR, "liveText", ((TextElement) p.element()).content())
                        .about(p.element().id())
                        .mendedBy(Fix.of(new ToOutlines(List.of(p.element().id()), false))))
                .toList();
    }
}

package rondel.lines.check.kinds;

import java.util.List;
import rondel.job.Role;
import rondel.job.TextElement;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.lines.combine.ToOutlines;

/** Text that is to be cut, scored or drawn but is live still: other programs may not have its font, and overlapping letters
 *  would be cut through. */
public record LiveText() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .filter(p -> p.element() instanceof TextElement
                        && p.element().role() != Role.PRINT
                        && p.element().role() != Role.GUIDE
                        // Letters are stitched as they stand.
                        && p.element().role() != Role.STITCH)
                .map(p -> Finding.of(Severity.ERROR, "liveText", ((TextElement) p.element()).content())
                        .about(p.element().id())
                        .mendedBy(Fix.of(new ToOutlines(List.of(p.element().id()), false))))
                .toList();
    }
}

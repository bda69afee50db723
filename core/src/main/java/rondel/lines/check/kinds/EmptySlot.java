package rondel.lines.check.kinds;

import java.util.List;
import rondel.compose.arrange.Hide;
import rondel.job.GroupElement;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;

/** A window without a picture: nothing would be seen there. */
public record EmptySlot() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .filter(p -> p.element() instanceof GroupElement g && g.isEmptySlot())
                .map(p -> Finding.of(Severity.WARNING, "emptyWindow", Targets.display(p.element()))
                        .about(p.element().id())
                        .mendedBy(Fix.of(new Hide(List.of(p.element().id()), true))))
                .toList();
    }
}
